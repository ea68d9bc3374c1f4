import { memo, useState } from 'react';
import { createPortal } from 'react-dom';
import { COLUMNS, ROWS } from '@/grid/address';
import { spansOf } from '@/work/spans';
import { useBench } from '@/work/state';
import type { Axis, Span } from '@/api/types';
import type { Acts } from '@/work/useActs';

const ALONG = 'top-0 right-[-3px] h-full w-[7px] cursor-col-resize';
const ACROSS = 'bottom-[-3px] left-0 h-[7px] w-full cursor-row-resize';

/** An edge sizes whole columns or rows together where they are chosen as such; a few chosen cells do not count. */
function whole(axis: Axis, index: number): Span[] {
    const { selection } = useBench.getState();
    const isWhole = selection.some((rect) =>
        axis === 'columns'
            ? rect.bottom === ROWS && index >= rect.left && index <= rect.right
            : rect.right === COLUMNS && index >= rect.top && index <= rect.bottom,
    );
    return isWhole ? spansOf(axis, index) : [[index, index]];
}

/** The edge of a column letter or a row number: dragged it sizes, pressed twice it fits to the contents. */
export const Edge = memo(function Edge({
    axis,
    index,
    size,
    zoom,
    acts,
}: {
    axis: Axis;
    index: number;
    /** In px on the screen. */
    size: number;
    zoom: number;
    acts: Acts;
}) {
    const [drag, setDrag] = useState<{ from: number; now: number; mirrored: boolean } | null>(null);
    const along = axis === 'columns';
    const wider = ({ from, now, mirrored }: NonNullable<typeof drag>) => (mirrored ? from - now : now - from);
    const place = (event: { clientX: number; clientY: number }) => (along ? event.clientX : event.clientY);
    return (
        <div
            role="presentation"
            data-edge={index}
            title="Drag to size, press twice to fit"
            className={`absolute z-[4]
                    ${along ? ALONG : ACROSS}`}
            onPointerDown={(event) => {
                event.stopPropagation();
                if (event.button !== 0) return;
                event.currentTarget.setPointerCapture(event.pointerId);
                // A drag to the left makes the columns of a mirrored sheet wider.
                const mirrored = along && event.currentTarget.closest('[data-mirrored]') !== null;
                setDrag({ from: place(event), now: place(event), mirrored });
            }}
            onPointerMove={(event) => drag && setDrag({ ...drag, now: place(event) })}
            onPointerUp={(event) => {
                event.stopPropagation();
                const moved = drag ? wider(drag) : 0;
                setDrag(null);
                if (Math.abs(moved) > 1)
                    void acts.act('resize', {
                        axis,
                        spans: whole(axis, index),
                        size: `${Math.max(4, Math.round((size + moved) / zoom))} px`,
                    });
            }}
            onPointerCancel={() => setDrag(null)}
            onDoubleClick={(event) => {
                event.stopPropagation();
                void acts.act('resize', { axis, spans: whole(axis, index) });
            }}
        >
            {drag &&
                createPortal(
                    <div
                        role="presentation"
                        className="pointer-events-none fixed z-40 bg-damson"
                        style={
                            along
                                ? { left: drag.now, top: 48, bottom: 178, width: 1 }
                                : { top: drag.now, left: 232, right: 0, height: 1 }
                        }
                    >
                        <span className="absolute top-1 left-1 rounded bg-damson px-1 text-[11px] whitespace-nowrap text-white">
                            {Math.max(4, Math.round((size + wider(drag)) / zoom))} px
                        </span>
                    </div>,
                    document.body,
                )}
        </div>
    );
});
