import { useRef, type PointerEvent as ReactPointerEvent, type RefObject } from 'react';
import type { Rect } from '@/api/client';
import type { Axis } from '@/grid/geometry';
import { between, contains, dragged, wholeColumns, wholeRows, type Place } from '@/grid/selection';
import { selectionText, useBench } from '@/work/state';
import type { Acts } from '@/work/useActs';
import { LEFT, TOP } from './useGridView';

type Drag = { kind: 'cells' | 'rows' | 'columns'; from: Place; before: Rect[]; mode: 'replace' | 'add' | 'take' };

interface Sizes {
    rows: Axis;
    columns: Axis;
    frozenHeight: number;
    frozenWidth: number;
    /** Column A stands at the right. */
    mirrored: boolean;
}

/** Selecting by pressing and dragging: cells, rows, columns; adding, taking away, and laying what was lifted. */
export function useGridPointer(
    scroller: RefObject<HTMLDivElement | null>,
    acts: Acts,
    { rows, columns, frozenHeight, frozenWidth, mirrored }: Sizes,
) {
    const drag = useRef<Drag | null>(null);
    const placeAt = (event: { clientX: number; clientY: number }): Place => {
        const box = scroller.current;
        if (!box) return useBench.getState().active;
        const frame = box.getBoundingClientRect();
        const x = (mirrored ? frame.right - event.clientX : event.clientX - frame.left) - LEFT;
        const y = event.clientY - frame.top - TOP;
        return {
            row: rows.at(y < frozenHeight ? Math.max(0, y) : y + box.scrollTop),
            column: columns.at(x < frozenWidth ? Math.max(0, x) : x + box.scrollLeft),
        };
    };
    const rangeOf = (kind: Drag['kind'], a: Place, b: Place) =>
        kind === 'rows' ? wholeRows(a.row, b.row) : kind === 'columns' ? wholeColumns(a.column, b.column) : between(a, b);

    const press = (kind: Drag['kind']) => (event: ReactPointerEvent) => {
        if (event.button === 2) {
            const place = placeAt(event);
            if (!contains(useBench.getState().selection, place))
                useBench.getState().select([rangeOf(kind, place, place)], place, false);
        }
        // Menus that open from the margin are elsewhere in the page, but their events come up through here.
        if (event.button !== 0 || !event.currentTarget.contains(event.target as Node)) return;
        const place = placeAt(event);
        const { selection: before, anchor, select } = useBench.getState();
        scroller.current?.focus({ preventScroll: true });
        if (event.shiftKey) {
            drag.current = { kind, from: anchor, before: before.slice(0, -1), mode: before.length > 1 ? 'add' : 'replace' };
            select(dragged(before.slice(0, -1), rangeOf(kind, anchor, place), drag.current.mode), anchor, false);
        } else {
            // Ctrl on selected cells takes them away; elsewhere it adds.
            const mode = event.ctrlKey || event.metaKey ? (contains(before, place) ? 'take' : 'add') : 'replace';
            drag.current = { kind, from: place, before, mode };
            useBench.setState({ anchor: place, scope: 'cells' });
            select(dragged(before, rangeOf(kind, place, place), mode), place, false);
        }
        event.currentTarget.setPointerCapture(event.pointerId);
    };
    const move = (event: ReactPointerEvent) => {
        const now = drag.current;
        if (!now) return;
        const next = dragged(now.before, rangeOf(now.kind, now.from, placeAt(event)), now.mode);
        if (selectionText(next) !== selectionText(useBench.getState().selection))
            useBench.getState().select(next, now.from, false);
        const box = scroller.current;
        const frame = box?.getBoundingClientRect();
        if (!box || !frame) return;
        if (event.clientY > frame.bottom - 12) box.scrollBy({ top: 24 });
        if (event.clientY < frame.top + TOP && box.scrollTop > 0) box.scrollBy({ top: -24 });
        const x = mirrored ? frame.right - event.clientX : event.clientX - frame.left;
        if (x > frame.width - 12) box.scrollBy({ left: 24 });
        if (x < LEFT && box.scrollLeft > 0) box.scrollBy({ left: -24 });
    };
    const release = () => {
        const laying = drag.current !== null && useBench.getState().lifted;
        drag.current = null;
        if (laying)
            void acts.act('lay', {
                ranges: selectionText(useBench.getState().selection),
                block: laying.block,
                widths: laying.widths,
                conditions: laying.conditions,
                from: laying.from,
            });
    };
    return (kind: Drag['kind']) => ({
        onPointerDown: press(kind),
        onPointerMove: move,
        onPointerUp: release,
        onPointerCancel: release,
    });
}

export type Handlers = ReturnType<typeof useGridPointer>;
