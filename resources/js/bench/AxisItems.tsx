import { ContextMenu } from 'radix-ui';
import { letters } from '@/grid/address';
import { ask } from '@/parts/Ask';
import { spansOf } from '@/work/spans';
import { useBench } from '@/work/state';
import type { Acts } from '@/work/useActs';

/** How the chosen rows or columns are called in a menu, and which they are. */
export function useStretch(axis: 'rows' | 'columns'): { first: number; last: number; many: string; named: string } {
    const range = useBench((state) => state.selection[state.selection.length - 1]);
    const rows = axis === 'rows';
    const first = (rows ? range?.top : range?.left) ?? 1;
    const last = (rows ? range?.bottom : range?.right) ?? 1;
    const count = last - first + 1;
    const name = (index: number) => (rows ? String(index) : letters(index));
    return {
        first,
        last,
        many: count === 1 ? (rows ? 'row' : 'column') : `${count} ${axis}`,
        named: `${rows ? 'Row' : 'Column'}${count > 1 ? 's' : ''} ${name(first)}${count > 1 ? ` to ${name(last)}` : ''}`,
    };
}

/** What a menu offers for rows or columns: sizes, hiding, freezing, putting them in and taking them out. */
export function AxisItems({ axis, acts }: { axis: 'rows' | 'columns'; acts: Acts }) {
    const rows = axis === 'rows';
    const { first, last, many } = useStretch(axis);
    const count = last - first + 1;
    const name = (index: number) => (rows ? String(index) : letters(index));
    const move = (at: number, inside: boolean) => void acts.act('move', { axis, at, count, in: inside });
    const size = async () => {
        const typed = await ask({
            title: rows ? `Height of the ${many}` : `Width of the ${many}`,
            about: rows ? 'In px, pt, mm or cm.' : 'In px, characters, pt, mm or cm.',
            label: rows ? 'Height' : 'Width',
            action: 'Set',
        });
        if (typed) void acts.act('resize', { axis, spans: spansOf(axis, first), size: typed });
    };
    const item = (words: string, run: () => void, danger = false) => (
        <ContextMenu.Item className={`menu-item ${danger ? 'text-danger' : ''}`} onSelect={run}>
            {words}
        </ContextMenu.Item>
    );
    return (
        <>
            {item('Fit to contents', () => void acts.act('resize', { axis, spans: spansOf(axis, first) }))}
            {item(rows ? 'Height…' : 'Width…', () => void size())}
            {item(`Hide ${many}`, () => void acts.act('hide', { axis, spans: [[first, last]] }))}
            {count > 1 &&
                item(
                    `Show what is hidden in ${name(first)} to ${name(last)}`,
                    () => void acts.act('hide', { axis, spans: [[first, last]], show: true }),
                )}
            {item(
                `Keep ${rows ? 'rows' : 'columns'} up to ${name(last)} in sight`,
                () => void acts.act('opening', rows ? { freezeRow: last } : { freezeColumn: last }),
            )}
            {item(
                `Open the sheet with ${rows ? 'row' : 'column'} ${name(first)} first`,
                () => void acts.act('opening', rows ? { firstRow: first } : { firstColumn: first }),
            )}
            {item('Keep nothing in sight', () => void acts.act('opening', { freezeRow: 0, freezeColumn: 0 }))}
            <ContextMenu.Separator className="menu-line" />
            {item(`Put ${many} in ${rows ? 'above' : 'before'} ${name(first)}`, () => move(first, true))}
            {item(`Put ${many} in ${rows ? 'below' : 'after'} ${name(last)}`, () => move(last + 1, true))}
            {item(
                `Put a spacer in ${rows ? 'above' : 'before'} ${name(first)}`,
                () => void acts.act('spacer', { axis, at: first, count: 1, in: true }),
            )}
            {item(
                `Take ${many} out: ${count === 1 ? name(first) : `${name(first)} to ${name(last)}`}`,
                () => move(first, false),
                true,
            )}
        </>
    );
}
