import { useState, type RefObject } from 'react';
import { api } from '@/api/client';
import type { SheetDetail } from '@/api/types';
import { write } from '@/grid/address';
import { say, tell } from '@/parts/Messages';
import type { Edit } from './CellEditor';
import { useReader } from '@/guard/reader';
import { selectionText, useBench } from '@/work/state';
import type { Acts } from '@/work/useActs';

/** Typing into cells, clearing, copying and pasting over them. */
export function useCellEdit(
    id: number,
    detail: SheetDetail,
    acts: Acts,
    lastRow: number,
    scroller: RefObject<HTMLDivElement | null>,
) {
    const [editing, setEditing] = useState<Edit | null>(null);
    /** What was typed and is on its way to the server: it is seen at once. */
    const [typed, setTyped] = useState<Edit[]>([]);
    const beginEdit = (text: string | null) => {
        const { row, column } = useBench.getState().active;
        const scroll = { x: scroller.current?.scrollLeft ?? 0, y: scroller.current?.scrollTop ?? 0 };
        if (text !== null) setEditing({ row, column, text, scroll });
        else
            void api.content(id, detail.number, row, column).then((content) => {
                // Who has gone on meanwhile does not want the old cell any more.
                const { active } = useBench.getState();
                if (active.row === row && active.column === column) setEditing({ row, column, text: content.text, scroll });
            }, tell);
    };
    const finishEdit = (text: string | null, move: boolean) => {
        if (text !== null && editing) {
            const typed = { ...editing, text };
            setTyped((all) => [...all, typed]);
            const refused = () => {
                // What cannot be kept stays in the editor, as it was typed.
                useBench.getState().select([{ top: typed.row, left: typed.column, bottom: typed.row, right: typed.column }]);
                setEditing(typed);
            };
            void acts
                .type(typed.row, typed.column, text, refused, useReader.getState().on)
                .finally(() => setTimeout(() => setTyped((all) => all.filter((each) => each !== typed)), 250));
        }
        if (editing && move) {
            const row = Math.min(lastRow, editing.row + 1);
            useBench.getState().select([{ top: row, left: editing.column, bottom: row, right: editing.column }]);
        }
        setEditing(null);
        scroller.current?.focus({ preventScroll: true });
    };
    const clear = () => void acts.act('clear', { ranges: selectionText(useBench.getState().selection) });
    /** Puts the selection's first block on the clipboard: as text for other programs, with its looks for this one. */
    const copy = () => {
        const range = useBench.getState().selection.at(-1);
        if (!range) return;
        const block = api.lift(id, detail.number, write(range), '');
        const text = block.then((lifted) => new Blob([lifted.text], { type: 'text/plain' }));
        void Promise.all([block, navigator.clipboard.write([new ClipboardItem({ 'text/plain': text })])]).then(([lifted]) => {
            useBench.setState({ copied: lifted });
            say(`Copied ${write(range)}. Paste with Ctrl+V, or without the looks with Ctrl+Shift+V.`);
        }, tell);
    };
    const paste = (text: string, html: string, withLooks: boolean) => {
        const { active, copied } = useBench.getState();
        const own = copied !== null && clean(copied.text) === clean(text);
        void acts.act('paste', {
            row: active.row,
            column: active.column,
            ...(own ? { cells: copied.cells, ...(withLooks ? { looks: copied.looks } : {}) } : { text, html }),
        });
    };
    return { editing, typed, beginEdit, finishEdit, clear, copy, paste };
}

/** Clipboards change the ends of lines. */
const clean = (text: string) => text.replaceAll('\r', '').replace(/\n$/, '');
