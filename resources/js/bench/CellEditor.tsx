import { useLayoutEffect, useRef, useState } from 'react';
import type { Axis } from '@/grid/geometry';

export interface Edit {
    row: number;
    column: number;
    text: string;
    /** How far the grid was scrolled: frozen cells stand still. */
    scroll: { x: number; y: number };
}

/** A cell while it is typed into. Enter keeps, Alt+Enter breaks the line, Escape leaves it as it was. */
export function CellEditor({
    edit,
    rows,
    columns,
    shift,
    onDone,
}: {
    edit: Edit;
    rows: Axis;
    columns: Axis;
    shift: { x: number; y: number };
    onDone: (text: string | null, move: boolean) => void;
}) {
    const [text, setText] = useState(edit.text);
    const box = useRef<HTMLTextAreaElement>(null);
    const done = useRef(false);
    useLayoutEffect(() => {
        box.current?.focus({ preventScroll: true });
        box.current?.setSelectionRange(edit.text.length, edit.text.length);
    }, [edit.text.length]);
    const finish = (kept: string | null, move = false) => {
        if (done.current) return;
        done.current = true;
        onDone(kept, move);
    };
    return (
        <textarea
            ref={box}
            aria-label={`Content of the cell, row ${edit.row}`}
            className="unmirrored absolute z-10 resize-none border-2 border-damson bg-white px-[2px] font-sans text-[13px] outline-none"
            style={{
                top: rows.start(edit.row) - 1 + shift.y,
                left: columns.start(edit.column) - 1 + shift.x,
                minWidth: Math.max(140, columns.sizeOf(edit.column) + 2),
                height: Math.max(rows.sizeOf(edit.row) + 2, 22 * text.split('\n').length),
            }}
            value={text}
            onChange={(event) => setText(event.target.value)}
            onPointerDown={(event) => event.stopPropagation()}
            onBlur={() => finish(text === edit.text && edit.text.length !== 1 ? null : text)}
            onKeyDown={(event) => {
                event.stopPropagation();
                if (event.key === 'Escape') finish(null);
                else if (event.key === 'Enter' && event.altKey) {
                    const at = event.currentTarget.selectionStart;
                    setText(`${text.slice(0, at)}\n${text.slice(at)}`);
                } else if (event.key === 'Enter') finish(text, true);
                else return;
                event.preventDefault();
            }}
        />
    );
}
