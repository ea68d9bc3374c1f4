import { useState } from 'react';
import type { Axis } from '@/grid/geometry';
import type { Acts } from '@/work/useActs';
import { LEFT, TOP } from './useGridView';

/** The edge of what stays in sight, at the head of rows or columns: dragged, it keeps more or fewer of them there. */
export function FreezeEdge({ axis, of, frozen, acts }: { axis: 'rows' | 'columns'; of: Axis; frozen: number; acts: Acts }) {
    const [drag, setDrag] = useState<number | null>(null);
    const along = axis === 'columns';
    const at = of.start(frozen + 1);
    /** The last of the rows or columns before a place on the screen, and where it ends. */
    const under = (event: React.PointerEvent) => {
        const box = event.currentTarget.closest('[role=grid]');
        if (!box) return 0;
        const rect = box.getBoundingClientRect();
        const x = box.hasAttribute('data-mirrored') ? rect.right - event.clientX : event.clientX - rect.left;
        const place = along ? x - LEFT : event.clientY - rect.top - TOP;
        const scrolled = place > at ? (along ? box.scrollLeft : box.scrollTop) : 0;
        const index = of.at(Math.max(0, place + scrolled));
        return place + scrolled - of.start(index) > of.sizeOf(index) / 2 ? index : index - 1;
    };
    const shown = drag ?? frozen;
    return (
        <div
            role="presentation"
            data-freeze={axis}
            title={`Drag to keep ${axis} in sight`}
            className={`absolute z-[6] rounded-sm hover:bg-damson
                    ${drag === null ? (frozen > 0 ? 'bg-[#8E5A8A]' : 'bg-[#cfc6b8]') : 'bg-damson'}
                    ${along ? 'top-0 h-[13px] w-[5px] cursor-col-resize' : 'left-0 h-[5px] w-[13px] cursor-row-resize'}`}
            style={along ? { left: LEFT + of.start(shown + 1) - 3 } : { top: TOP + of.start(shown + 1) - 3 }}
            onPointerDown={(event) => {
                event.stopPropagation();
                if (event.button !== 0) return;
                event.currentTarget.setPointerCapture(event.pointerId);
                setDrag(frozen);
            }}
            onPointerMove={(event) => drag !== null && setDrag(Math.max(0, under(event)))}
            onPointerUp={(event) => {
                event.stopPropagation();
                if (drag !== null && drag !== frozen)
                    void acts.act('opening', along ? { freezeColumn: drag } : { freezeRow: drag });
                setDrag(null);
            }}
            onPointerCancel={() => setDrag(null)}
        />
    );
}
