import type { QueryClient } from '@tanstack/react-query';
import type { Rect, Sight } from '@/api/client';
import { keys } from '@/api/keys';
import type { ActRecord } from '@/api/types';
import { selectionText, useBench } from './state';

/** Windows that one request asks for at most; what is beyond comes by itself. */
const MOST = 24;

/** What is painted of a sheet at present, as the queries know it. */
export function sightOf(client: QueryClient, id: number, sheet: number): Sight {
    const { selection, active } = useBench.getState();
    const cache = client.getQueryCache();
    const seen = new Map<string, Rect>();
    for (const { queryKey } of cache.findAll({ queryKey: ['window', id, sheet], type: 'active' })) {
        const [top = 1, left = 1] = String(queryKey[3]).split('.').map(Number);
        seen.set(String(queryKey[3]), { top, left, bottom: Number(queryKey[4]), right: Number(queryKey[5]) });
    }
    return {
        windows: [...seen.values()].slice(0, MOST),
        ranges: selectionText(selection),
        ...active,
        number: cache.findAll({ queryKey: ['number', id, sheet], type: 'active' }).length > 0,
        figures: true,
    };
}

/** Keeps what an answer brought along, so that nothing of it is asked for again. */
export function keepSight(client: QueryClient, id: number, sheet: number, sight: Sight, { bench, sight: came }: ActRecord) {
    const record = bench.sheets.find((each) => each.number === sheet);
    if (!came || !record) return;
    const { ranges, row, column } = sight;
    sight.windows.forEach((window, index) => {
        if (came.windows[index]) client.setQueryData(keys.window(id, sheet, window, record.seen), came.windows[index]);
    });
    if (came.selection) client.setQueryData(keys.inspection(id, sheet, bench.stamp, ranges, row, column), came.selection);
    if (came.number) client.setQueryData(keys.number(id, sheet, bench.stamp, row, column, false), came.number);
    if (came.figures) client.setQueryData(keys.figures(id, sheet, record.dataRevision, ranges), came.figures);
}
