import { QueryClient, QueryObserver } from '@tanstack/react-query';
import { beforeEach, expect, test } from 'vitest';
import { keys } from '@/api/keys';
import type { ActRecord } from '@/api/types';
import { spansOf } from './spans';
import { keepSight, sightOf } from './sight';
import { selectionText, useBench } from './state';

const rect = (top: number, left: number, bottom: number, right: number) => ({ top, left, bottom, right });

beforeEach(() => useBench.getState().open(2));

/** Queries that something on the screen shows. */
function shown(client: QueryClient, ...queries: readonly (readonly unknown[])[]) {
    for (const queryKey of queries)
        new QueryObserver(client, { queryKey, queryFn: () => null, initialData: null, staleTime: Infinity }).subscribe(
            () => undefined,
        );
}

test('what is in sight is what is shown of this sheet, each window once', () => {
    const client = new QueryClient();
    shown(
        client,
        keys.window(7, 2, rect(1, 1, 24, 18), 'a'),
        keys.window(7, 2, rect(25, 1, 48, 18), 'a'),
        // The same one, as it was before: it is not asked for twice.
        keys.window(7, 2, rect(1, 1, 24, 18), 'older'),
        keys.window(7, 3, rect(1, 1, 24, 18), 'a'),
        keys.window(8, 2, rect(1, 1, 24, 18), 'a'),
    );
    client.setQueryData(keys.window(7, 2, rect(99, 1, 120, 18), 'a'), null);
    useBench.getState().select([rect(2, 2, 5, 3), rect(9, 1, 9, 1)], { row: 4, column: 3 });
    expect(sightOf(client, 7, 2)).toEqual({
        windows: [rect(1, 1, 24, 18), rect(25, 1, 48, 18)],
        ranges: 'B2:C5,A9',
        row: 4,
        column: 3,
        number: false,
        figures: true,
    });
    shown(client, keys.number(7, 2, 'a', 4, 3, false));
    expect(sightOf(client, 7, 2).number).toBe(true);
});

test('one request asks for as many windows as it may, and no more', () => {
    const client = new QueryClient();
    shown(client, ...Array.from({ length: 30 }, (_, tile) => keys.window(7, 2, rect(1 + tile * 24, 1, 24 + tile * 24, 18), 'a')));
    expect(sightOf(client, 7, 2).windows).toHaveLength(24);
});

test('what an answer brings along is at hand under the state that it is of', () => {
    const client = new QueryClient();
    const sight = {
        windows: [rect(1, 1, 24, 18), rect(25, 1, 48, 18)],
        ranges: 'B2',
        row: 2,
        column: 2,
        number: true,
        figures: true,
    };
    const answer = (came: unknown) =>
        ({
            bench: { stamp: 'now', sheets: [{ number: 2, seen: 'seen now', dataRevision: 5 }] },
            sight: came,
        }) as unknown as ActRecord;
    keepSight(client, 7, 2, sight, answer({ windows: ['first', null], selection: 'tray', number: 'format', figures: 'sum' }));
    expect(client.getQueryData(keys.window(7, 2, rect(1, 1, 24, 18), 'seen now'))).toBe('first');
    expect(client.getQueryData(keys.window(7, 2, rect(25, 1, 48, 18), 'seen now'))).toBeUndefined();
    expect(client.getQueryData(keys.inspection(7, 2, 'now', 'B2', 2, 2))).toBe('tray');
    expect(client.getQueryData(keys.number(7, 2, 'now', 2, 2, false))).toBe('format');
    expect(client.getQueryData(keys.figures(7, 2, 5, 'B2'))).toBe('sum');
    // Of a sheet that is gone, and of an answer without a sight, nothing is kept.
    const other = new QueryClient();
    keepSight(other, 7, 9, sight, answer({ windows: ['first'], selection: 'tray', number: null, figures: null }));
    keepSight(other, 7, 2, sight, answer(null));
    expect(other.getQueryCache().getAll()).toEqual([]);
});

test('a new selection means its own cells, and grows from where it began', () => {
    const { select } = useBench.getState();
    useBench.setState({ scope: 'everywhere', aim: 'kind', meant: 'entry_cell' });
    select([rect(3, 2, 8, 4)]);
    expect(useBench.getState()).toMatchObject({
        scope: 'cells',
        aim: 'part',
        meant: null,
        active: { row: 3, column: 2 },
        anchor: { row: 3, column: 2 },
        reveal: { row: 3, column: 2 },
    });
    select([rect(3, 2, 9, 4)], { row: 9, column: 4 }, false);
    expect(useBench.getState()).toMatchObject({
        active: { row: 9, column: 4 },
        anchor: { row: 3, column: 2 },
        reveal: { row: 3, column: 2 },
    });
    select([]);
    expect(useBench.getState().active).toEqual({ row: 9, column: 4 });
    useBench.setState({ together: [2, 3], trial: null });
    useBench.getState().open(5);
    expect(useBench.getState()).toMatchObject({ sheet: 5, together: [], active: { row: 1, column: 1 } });
    expect(selectionText(useBench.getState().selection)).toBe('A1');
});

test('an act on one column goes to all that are chosen where it is among them, else to it alone', () => {
    useBench.getState().select([rect(1, 2, 1_048_576, 3), rect(4, 6, 8, 6)]);
    expect(spansOf('columns', 3)).toEqual([
        [2, 3],
        [6, 6],
    ]);
    expect(spansOf('columns', 4)).toEqual([[4, 4]]);
    expect(spansOf('rows', 8)).toEqual([
        [1, 1_048_576],
        [4, 8],
    ]);
});
