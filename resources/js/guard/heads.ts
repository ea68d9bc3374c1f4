import type { ActArguments, SheetDetail } from '@/api/types';
import { ask } from '@/parts/Ask';
import { useBench } from '@/work/state';
import type { Acts } from '@/work/useActs';

type HeadPart = ActArguments['rewriteHeads']['part'];
type Letters = 'capitals' | 'sentence';

const CALLED: Record<HeadPart, string> = { heading: 'Headings', column_group: 'Column groups' };
const WRITTEN: Record<Letters, string> = { capitals: 'in capitals', sentence: 'in sentence case' };

const chosen = () => [useBench.getState().sheet, ...useBench.getState().together];

/** What can be done with the letters of headings, and of column groups where there are some. */
export function letterActions(acts: Acts, detail: SheetDetail) {
    const has = (part: HeadPart) => detail.tables.some((table) => table.parts.some((one) => one.part === part));
    return (['heading', 'column_group'] as const)
        .filter(has)
        .flatMap((part) => [
            { words: `${CALLED[part]} in capitals…`, run: () => void headsIn(acts, detail.wears, part, 'capitals') },
            { words: `${CALLED[part]} in sentence case…`, run: () => void headsIn(acts, detail.wears, part, 'sentence') },
            ...(detail.wears === null
                ? []
                : [{ words: `${CALLED[part]} as they are written`, run: () => void acts.revise('casesOf', { part, to: null }) }]),
        ]);
}

/** In other letters: shown so by the stylebook, or written so into the cells of all chosen sheets. */
async function headsIn(acts: Acts, wears: string | null, part: HeadPart, to: Letters) {
    const sheets = chosen();
    const answer = await ask({
        title: `${CALLED[part]} ${WRITTEN[to]}`,
        about:
            wears === null
                ? 'They are written so into their cells, which changes their texts.'
                : `${wears} can show them so, and no text changes; or they are written so into their cells.`,
        action: wears === null ? 'Write them so' : `Let ${wears} show them so`,
        ...(wears === null ? {} : { other: 'Write them so' }),
    });
    if (answer === null) return;
    if (wears !== null && answer !== 'other') return void acts.revise('casesOf', { part, to });
    void acts.act('rewriteHeads', { part, to, sheets });
}

/** The second line of headings over formulas: shown by the stylebook, or written into the cells. */
export async function headsSay(acts: Acts, wears: string | null) {
    const sheets = chosen();
    const says = await ask({
        title: 'What headings over formulas say below their names',
        about:
            wears === null
                ? 'It is written into the cells of the headings, which changes their texts.'
                : `${wears} can show it, and no text changes; or it is written into the cells of the headings.`,
        label: 'Words',
        value: 'formula',
        action: wears === null ? 'Write it into the cells' : `Let ${wears} show it`,
        ...(wears === null ? {} : { otherWithText: 'Write it into the cells' }),
    });
    if (says === null) return;
    if (wears !== null && !says.startsWith('other:')) return void acts.revise('headsSay', { part: 'formula_cell', says });
    void acts.act('rewriteHeads', {
        part: 'heading',
        to: 'says',
        says: says.replace(/^other:/, ''),
        below: 'formula_cell',
        sheets,
    });
}
