import { useEffect, type KeyboardEvent, type RefObject } from 'react';
import { COLUMNS, ROWS } from '@/grid/address';
import { wholeColumns, wholeRows } from '@/grid/selection';
import { useBench } from '@/work/state';

/** Column letters and row numbers by key: arrows choose the next, with Shift more of them; Enter goes to the cells. */
export function useHeadKeys(axis: 'rows' | 'columns', box: RefObject<HTMLElement | null>, shown: number) {
    const rows = axis === 'rows';
    const at = useBench((state) => (rows ? state.active.row : state.active.column));
    // The head of what was chosen takes the focus once it is there.
    useEffect(() => {
        if (box.current?.contains(document.activeElement) && document.activeElement?.hasAttribute('data-head'))
            box.current.querySelector<HTMLElement>(`[data-head="${at}"]`)?.focus({ preventScroll: true });
    }, [box, at, shown]);
    return (event: KeyboardEvent) => {
        const head = event.target as HTMLElement;
        if (!head.hasAttribute('data-head')) return;
        const { active, anchor, select } = useBench.getState();
        const here = Number(head.dataset.head);
        const step = { [rows ? 'ArrowDown' : 'ArrowRight']: 1, [rows ? 'ArrowUp' : 'ArrowLeft']: -1, ' ': 0 }[event.key];
        const leave = event.key === 'Enter' || event.key === 'Escape' || event.key === (rows ? 'ArrowRight' : 'ArrowDown');
        if (step === undefined && !leave) return;
        event.preventDefault();
        event.stopPropagation();
        if (step === undefined) return head.closest<HTMLElement>('[role=grid]')?.focus({ preventScroll: true });
        const to = Math.max(1, Math.min(rows ? ROWS : COLUMNS, here + step));
        const from = event.shiftKey ? (rows ? anchor.row : anchor.column) : to;
        const cell = rows ? { row: to, column: active.column } : { row: active.row, column: to };
        if (!event.shiftKey) useBench.setState({ anchor: cell });
        select([rows ? wholeRows(from, to) : wholeColumns(from, to)], cell, false);
        useBench.setState({ reveal: { ...cell } });
    };
}
