import { memo, type CSSProperties } from 'react';
import type { Rect } from '@/api/client';
import type { Window, WindowCell, WindowLine, WindowLook } from '@/api/types';
import type { Axis } from './geometry';

const SIDES: Record<string, CSSProperties['justifyContent']> = { left: 'flex-start', center: 'center', right: 'flex-end' };
const LEVELS: Record<string, CSSProperties['alignItems']> = { top: 'flex-start', center: 'center', bottom: 'flex-end' };

// A window has a few dozen looks and a thousand cells, so each style is made once.
const styles = new WeakMap<WindowLook, Record<string, CSSProperties>>();

function textStyle(look: WindowLook, align: string): CSSProperties {
    const made = styles.get(look) ?? {};
    styles.set(look, made);
    return (made[align] ??= {
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
    });
}

interface Place {
    top: number;
    left: number;
    width: number;
    height: number;
}

function Text({ cell, look, place }: { cell: WindowCell; look: WindowLook; place: Place }) {
    const text =
        look.script === 'none' ? (
            cell.t
        ) : (
            <span style={{ fontSize: '0.7em', alignSelf: look.script === 'super' ? 'flex-start' : 'flex-end' }}>{cell.t}</span>
        );
    return (
        <div
            role="gridcell"
            aria-colindex={cell.c}
            className="sheet-cell"
            style={{ ...textStyle(look, cell.a), ...place, zIndex: 1 }}
        >
            {cell.l !== null && <span className="mr-auto">{cell.l}</span>}
            {look.rotation === 0 ? (
                text
            ) : look.rotation === 255 ? (
                <span style={{ writingMode: 'vertical-rl', textOrientation: 'upright' }}>{text}</span>
            ) : (
                <span style={{ transform: `rotate(${-look.rotation}deg)` }}>{text}</span>
            )}
        </div>
    );
}

interface Fill {
    from: number;
    to: number;
    bottom: number;
    colour: string;
}

/** The fills of one row; neighbours of one colour are one stretch. */
function fillsOf(cells: WindowCell[], window: Window): Fill[] {
    const fills: Fill[] = [];
    for (const cell of cells) {
        const colour = window.looks[cell.s]?.fill;
        if (!colour) continue;
        const merge = mergeAt(window, cell);
        const last = fills.at(-1);
        if (!merge && last && last.colour === colour && last.to === cell.c - 1 && last.bottom === cell.r) last.to = cell.c;
        else fills.push({ from: cell.c, to: merge?.[3] ?? cell.c, bottom: merge?.[2] ?? cell.r, colour });
    }
    return fills;
}

function mergeAt(window: Window, cell: WindowCell): number[] | undefined {
    return window.merges.length === 0 ? undefined : window.merges.find(([top, left]) => top === cell.r && left === cell.c);
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
        const merge = mergeAt(window, cell);
        if (!inside(cell.r, merge?.[2] ?? cell.r, cell.from, Math.max(cell.to, merge?.[3] ?? 0))) continue;
        const row = byRow.get(cell.r);
        if (row) row.push(cell);
        else byRow.set(cell.r, [cell]);
    }
    return (
        <>
            {[...byRow].map(([row, cells]) => {
                const top = rows.start(row);
                return (
                    <div role="row" key={row} aria-rowindex={row} className="contents">
                        {fillsOf(cells, window).map((fill) => (
                            <div
                                key={`f${fill.from}`}
                                role="presentation"
                                className="absolute"
                                style={{
                                    top,
                                    left: columns.start(fill.from),
                                    width: columns.end(fill.to) - columns.start(fill.from),
                                    height: rows.end(fill.bottom) - top,
                                    background: fill.colour,
                                }}
                            />
                        ))}
                        {cells.map((cell) => {
                            const look = window.looks[cell.s];
                            if (!look || (cell.t === '' && !cell.l)) return null;
                            const left = columns.start(cell.from);
                            const place = {
                                top,
                                left,
                                width: columns.end(cell.to) - left,
                                height: rows.end(mergeAt(window, cell)?.[2] ?? row) - top,
                            };
                            return <Text key={cell.c} cell={cell} look={look} place={place} />;
                        })}
                    </div>
                );
            })}
            {window.lines.map((line) => (
                <Line key={`${line.side}${line.at}.${line.from}`} line={line} rows={rows} columns={columns} inside={inside} />
            ))}
        </>
    );
});

function Line({
    line,
    rows,
    columns,
    inside,
}: {
    line: WindowLine;
    rows: Axis;
    columns: Axis;
    inside: (top: number, bottom: number, left: number, right: number) => boolean;
}) {
    const along = line.side === 'top';
    // An edge belongs to the cells at both of its sides.
    if (!(along ? inside(line.at - 1, line.at, line.from, line.to) : inside(line.from, line.to, line.at - 1, line.at)))
        return null;
    const across = (along ? rows : columns).start(line.at) - Math.ceil(line.width / 2);
    const from = (along ? columns : rows).start(line.from);
    const length = (along ? columns : rows).end(line.to) - from;
    const border = `${line.width}px ${line.stroke} ${line.colour}`;
    return (
        <div
            role="presentation"
            className="pointer-events-none absolute"
            style={
                along
                    ? { top: across, left: from, width: length, borderTop: border, zIndex: 2 }
                    : { left: across, top: from, height: length, borderLeft: border, zIndex: 2 }
            }
        />
    );
}
