import { memo, type CSSProperties } from 'react';
import type { Rect } from '@/api/client';
import type { Window, WindowCell, WindowLook } from '@/api/types';
import type { Axis } from './geometry';

const SIDES: Record<string, CSSProperties['justifyContent']> = { left: 'flex-start', center: 'center', right: 'flex-end' };
const LEVELS: Record<string, CSSProperties['alignItems']> = { top: 'flex-start', center: 'center', bottom: 'flex-end' };

function textStyle(look: WindowLook | undefined, align: string): CSSProperties {
    if (!look) return {};
    return {
        fontFamily: `'${look.font}', 'Noto Sans Symbols 2', sans-serif`,
        fontSize: look.size,
        fontWeight: look.bold ? 700 : 400,
        fontStyle: look.italic ? 'italic' : undefined,
        textDecoration:
            [look.underline !== 'none' ? 'underline' : '', look.strike ? 'line-through' : ''].join(' ').trim() || undefined,
        textDecorationStyle: look.underline === 'double' ? 'double' : undefined,
        color: look.ink,
        justifyContent: SIDES[align],
        alignItems: LEVELS[look.vertical] ?? 'center',
        textAlign: align as CSSProperties['textAlign'],
        whiteSpace: look.wrap ? 'pre-wrap' : 'pre',
        overflowWrap: look.wrap ? 'anywhere' : undefined,
        paddingLeft: align === 'left' ? 4 + 9 * look.indent : 4,
        paddingRight: align === 'right' ? 4 + 9 * look.indent : 4,
    };
}

function Cell({ cell, window, rows, columns, id }: { cell: WindowCell; window: Window; rows: Axis; columns: Axis; id?: string }) {
    const look = window.looks[cell.s];
    const merge = window.merges.find(([top, left]) => top === cell.r && left === cell.c);
    const top = rows.start(cell.r);
    const left = columns.start(cell.c);
    const height = (merge ? rows.end(merge[2] ?? cell.r) : rows.end(cell.r)) - top;
    const width = (merge ? columns.end(merge[3] ?? cell.c) : columns.end(cell.c)) - left;
    const from = columns.start(cell.from);
    const to = columns.end(cell.to);
    return (
        <>
            {look?.fill && (
                <div role="presentation" className="absolute" style={{ top, left, width, height, background: look.fill }} />
            )}
            {cell.t !== '' || cell.l ? (
                <div
                    role="gridcell"
                    id={id}
                    aria-colindex={cell.c}
                    className="sheet-cell"
                    style={{ top, left: from, width: to - from, height, zIndex: 1, ...textStyle(look, cell.a) }}
                >
                    {cell.l !== null && <span className="mr-auto">{cell.l}</span>}
                    <span style={look && look.rotation !== 0 ? { transform: `rotate(${-look.rotation}deg)` } : undefined}>
                        {cell.t}
                    </span>
                </div>
            ) : null}
        </>
    );
}

/** Paints a window's cells and lines. Decides nothing: every text, look and edge comes from the server. */
export const Paint = memo(function Paint({
    window,
    rows,
    columns,
    clip,
}: {
    window: Window;
    rows: Axis;
    columns: Axis;
    clip?: Rect;
}) {
    const inside = (top: number, bottom: number, left: number, right: number) =>
        !clip || (top <= clip.bottom && bottom >= clip.top && left <= clip.right && right >= clip.left);
    const byRow = new Map<number, WindowCell[]>();
    for (const cell of window.cells) {
        const merge = window.merges.find(([top, left]) => top === cell.r && left === cell.c);
        if (!inside(cell.r, merge?.[2] ?? cell.r, cell.from, Math.max(cell.to, merge?.[3] ?? 0))) continue;
        const row = byRow.get(cell.r);
        if (row) row.push(cell);
        else byRow.set(cell.r, [cell]);
    }
    return (
        <>
            {[...byRow].map(([row, cells]) => (
                <div role="row" key={row} aria-rowindex={row} className="contents">
                    {cells.map((cell) => (
                        <Cell key={cell.c} cell={cell} window={window} rows={rows} columns={columns} />
                    ))}
                </div>
            ))}
            {window.lines.map((line) => {
                const along = line.side === 'top';
                // An edge belongs to the cells at both of its sides.
                if (
                    !(along ? inside(line.at - 1, line.at, line.from, line.to) : inside(line.from, line.to, line.at - 1, line.at))
                )
                    return null;
                const shift = Math.ceil(line.width / 2);
                const across = (along ? rows : columns).start(line.at) - shift;
                const from = (along ? columns : rows).start(line.from);
                const length = (along ? columns : rows).end(line.to) - from;
                const border = `${line.width}px ${line.stroke} ${line.colour}`;
                return (
                    <div
                        key={`${line.side}${line.at}.${line.from}`}
                        role="presentation"
                        className="pointer-events-none absolute"
                        style={
                            along
                                ? { top: across, left: from, width: length, borderTop: border, zIndex: 2 }
                                : { left: across, top: from, height: length, borderLeft: border, zIndex: 2 }
                        }
                    />
                );
            })}
        </>
    );
});
