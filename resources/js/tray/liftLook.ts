import { api } from '@/api/client';
import { useBench } from '@/work/state';
import { write } from '@/grid/address';
import { say, tell } from '@/parts/Messages';

/** What of a look is lifted: facets, parted by commas ("" for all), column widths, conditional looks. */
export interface Lift {
    facets: string;
    widths?: boolean;
    conditions?: boolean;
    /** Nothing but the conditional looks. */
    only?: boolean;
}

/** Lifts the look of the selection, to be laid on what is pressed from then on, until Escape. */
export function liftLook(
    workbook: number,
    sheet: number,
    { facets, widths = false, conditions = false, only = false }: Lift,
): void {
    const range = useBench.getState().selection[0];
    if (!range) return;
    const from = write(range);
    void api.lift(workbook, sheet, from, facets, conditions).then((lifted) => {
        if (only && lifted.conditions.length === 0) return say('No conditional look holds on these cells.');
        useBench.setState({
            lifted: {
                from,
                block: only ? lifted.looks.map((row) => row.map(() => ({}))) : lifted.looks,
                widths: widths ? lifted.widths : [],
                conditions: lifted.conditions,
            },
        });
        say(
            'Look lifted. Press or drag over cells to lay it, or choose them and press Enter, on any sheet or workbook; Escape ends.',
        );
    }, tell);
}
