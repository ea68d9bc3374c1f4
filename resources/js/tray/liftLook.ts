import { api } from '@/api/client';
import { useBench } from '@/work/state';
import { write } from '@/grid/address';
import { say, tell } from '@/parts/Messages';

/** Lifts the look of the selection, to be laid on what is pressed from then on, until Escape. */
export function liftLook(workbook: number, sheet: number, facets: string, withWidths: boolean): void {
    const range = useBench.getState().selection[0];
    if (!range) return;
    void api.lift(workbook, sheet, write(range), facets).then(({ looks, widths }) => {
        useBench.setState({ lifted: { from: write(range), block: looks, widths: withWidths ? widths : [] } });
        say(
            'Look lifted. Press or drag over cells to lay it, or choose them and press Enter, on any sheet or workbook; Escape ends.',
        );
    }, tell);
}
