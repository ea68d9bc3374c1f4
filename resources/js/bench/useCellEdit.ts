import { useState, type RefObject } from 'react';
import { api, type Rect } from '@/api/client';
import type { SheetDetail } from '@/api/types';
import { span, type Place } from '@/grid/selection';
import { tell } from '@/parts/Messages';
import type { Edit } from './CellEditor';
import { useBench } from './state';
import type { Acts } from './useActs';

/** Typing into cells, clearing them and pasting values over them. */
export function useCellEdit(
    id: number,
    detail: SheetDetail,
    acts: Acts,
    lastRow: number,
    scroller: RefObject<HTMLDivElement | null>,
) {
    const [editing, setEditing] = useState<Edit | null>(null);
    const beginEdit = (text: string | null) => {
        const { row, column } = useBench.getState().active;
        const scroll = { x: scroller.current?.scrollLeft ?? 0, y: scroller.current?.scrollTop ?? 0 };
        if (text !== null) setEditing({ row, column, text, scroll });
        else
            void api
                .content(id, detail.number, row, column)
                .then((content) => setEditing({ row, column, text: content.text, scroll }), tell);
    };
    const finishEdit = (text: string | null, move: boolean) => {
        if (text !== null && editing) void acts.act('edit', { cells: [[editing.row, editing.column, text]] });
        if (editing && move) {
            const row = Math.min(lastRow, editing.row + 1);
            useBench.getState().select([{ top: row, left: editing.column, bottom: row, right: editing.column }]);
        }
        setEditing(null);
        scroller.current?.focus({ preventScroll: true });
    };
    const clear = () => {
        const cells = cellsOf(useBench.getState().selection, detail).map(({ row, column }) => [row, column, '']);
        if (cells.length > 0) void acts.act('edit', { cells });
    };
    const paste = (text: string) => {
        const { row, column } = useBench.getState().active;
        const cells = text
            .replace(/\r?\n$/, '')
            .split(/\r?\n/)
            .flatMap((line, down) => line.split('\t').map((value, along) => [row + down, column + along, value]));
        void acts.act('edit', { cells });
    };
    return { editing, beginEdit, finishEdit, clear, paste };
}

/** The cells of a selection that may hold something, at most some thousands. */
function cellsOf(selection: Rect[], detail: SheetDetail): Place[] {
    return selection
        .flatMap((rect) =>
            span(rect.top, Math.min(rect.bottom, detail.rows)).flatMap((row) =>
                span(rect.left, Math.min(rect.right, detail.columns)).map((column) => ({ row, column })),
            ),
        )
        .slice(0, 20_000);
}
