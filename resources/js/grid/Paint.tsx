import { memo, type CSSProperties, type ReactNode } from 'react';
import type { Window, WindowCell, WindowLine, WindowLook } from '@/api/types';
import { BarOf, Mark } from './signs';
import { dashed } from './dashes';
import type { Axis } from './geometry';

const SIDES: Record<string, string> = { left: 'flex-start', center: 'center', right: 'flex-end' };
/** How much of the room that is left stands before a text. */
const ALIGNED: Record<string, number> = { left: 0, center: 0.5, right: 1 };
const LEVELS: Record<string, string> = { top: 'flex-start', center: 'center', bottom: 'flex-end' };

// A sheet has a few dozen looks and shows a thousand cells at a time, so each look is a rule of its own, made once.
const sheet = new CSSStyleSheet();
document.adoptedStyleSheets = [...document.adoptedStyleSheets, sheet];
const rules = new Map<string, string>();
const classes = new WeakMap<WindowLook, Record<string, string>>();

function classOf(look: WindowLook, align: string, zoom: number): string {
    const made = classes.get(look) ?? {};
    classes.set(look, made);
    return (made[`${align}${zoom}`] ??= ruleOf(look, align, zoom));
}

function ruleOf(look: WindowLook, align: string, zoom: number): string {
    const indent = (side: string) => `${zoom * (align === side ? 4 + 9 * look.indent : 4)}px`;
    const lines = [look.underline !== 'none' ? 'underline' : '', look.strike ? 'line-through' : ''].join(' ').trim();
    const css = [
        // Not the shorthand, which would turn kerning and ligatures on again.
        `font-family: '${look.font.replace(/['\\]/g, '')}', 'Noto Sans Symbols 2', sans-serif`,
        `font-size: ${look.size * zoom}px`,
        `font-weight: ${look.bold ? 700 : 400}`,
        ...(look.italic ? ['font-style: italic'] : []),
        `color: ${look.ink}`,
        `justify-content: ${SIDES[align]}`,
        `align-items: ${LEVELS[look.vertical] ?? 'center'}`,
        `text-align: ${align}`,
        `padding: 0 ${indent('right')} 0 ${indent('left')}`,
        ...(lines ? [`text-decoration: ${lines} ${look.underline === 'double' ? 'double' : 'solid'}`] : []),
        // Turned texts keep off the lines at both ends of their cell.
        ...(look.rotation !== 0 && look.rotation !== 255 ? [`padding-block: ${3 * zoom}px`] : []),
        ...(look.wrap ? ['white-space: pre-wrap', 'overflow-wrap: anywhere'] : []),
    ].join(';');
    const known = rules.get(css);
    if (known) return known;
    const name = `look-${rules.size}`;
    sheet.insertRule(`.${name}{${css}}`, sheet.cssRules.length);
    rules.set(css, name);
    return name;
}

/** Leaves room for the characters that a number format asks room for, so that figures stand in line. */
function padded(text: string): ReactNode {
    if (!text.includes('\uF8F0')) return text;
    return text
        .split(/\uF8F0(.)/su)
        .map((piece, index) => (index % 2 === 0 ? piece : <span key={index} className="pad" data-pad={piece} />));
}

function Text({
    cell,
    look,
    zoom,
    left,
    width,
    height,
    isHere,
}: {
    isHere: boolean;
    cell: WindowCell;
    look: WindowLook;
    zoom: number;
    left: number;
    width: number;
    height?: number;
}) {
    const shown = padded(cell.text);
    const text =
        look.script === 'none' ? (
            shown
        ) : (
            <span style={{ fontSize: '0.7em', alignSelf: look.script === 'super' ? 'flex-start' : 'flex-end' }}>{shown}</span>
        );
    return (
        <div
            // What reaches in from beside is read where its cell stands.
            {...(isHere ? { role: 'gridcell', 'aria-colindex': cell.column } : { 'aria-hidden': true })}
            className={`sheet-cell ${classOf(look, cell.align, zoom)}`}
            style={height === undefined ? { left, width } : { left, width, height }}
        >
            {cell.mark && <Mark mark={cell.mark} size={12 * zoom} aside={cell.align === 'right'} />}
            {cell.edge !== null && <span className="mr-auto">{padded(cell.edge)}</span>}
            {look.rotation === 0 ? (
                text
            ) : look.rotation === 255 ? (
                <span style={{ writingMode: 'vertical-rl', textOrientation: 'upright' }}>{text}</span>
            ) : (
                <span style={turned(look.rotation, look.vertical, cell.align, cell.text.split('\n').length)}>{text}</span>
            )}
        </div>
    );
}

/**
 * A turned text: upright ones keep a box of their own; slanted ones turn about the end that stands on the cell's edge, and the
 * box that they take then stands where the text would.
 */
function turned(degrees: number, vertical: string, align: string, lines: number): CSSProperties {
    if (Math.abs(degrees) === 90) return { writingMode: 'vertical-rl', ...(degrees > 0 ? { transform: 'rotate(180deg)' } : {}) };
    const side = degrees > 0 === (vertical !== 'top') ? 'left' : 'right';
    const turn = (Math.abs(degrees) * Math.PI) / 180;
    // How much shorter the line is from the side, and how far its height reaches out: shares of its width and of its height.
    const [shorter, out] = [1 - Math.cos(turn), Math.sin(turn)];
    const towards = ALIGNED[align] ?? 0.5;
    const moved =
        vertical === 'center'
            ? [(towards - 0.5) * shorter, (0.5 - towards) * out]
            : side === 'left'
              ? [towards * shorter, (1 - towards) * out]
              : [(towards - 1) * shorter, -towards * out];
    const [width = 0, height = 0] = moved.map((share) => Number(share.toFixed(5)));
    return {
        transform: `translateX(calc(${width * 100}% + ${height * lines}lh)) rotate(${-degrees}deg)`,
        transformOrigin: vertical === 'center' ? 'center' : `${side} ${vertical === 'top' ? 'top' : 'bottom'}`,
    };
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
        const colour = window.looks[cell.look]?.fill;
        if (!colour) continue;
        const merge = mergeAt(window, cell);
        const last = fills.at(-1);
        if (!merge && last && last.colour === colour && last.to === cell.column - 1 && last.bottom === cell.row)
            last.to = cell.column;
        else fills.push({ from: cell.column, to: merge?.[3] ?? cell.column, bottom: merge?.[2] ?? cell.row, colour });
    }
    return fills;
}

function mergeAt(window: Window, cell: WindowCell): number[] | undefined {
    return window.merges.length === 0 ? undefined : window.merges.find(([top, left]) => top === cell.row && left === cell.column);
}

/** Rows of a band: few enough to be put in place within one frame. */
const BAND = 6;

/**
 * The bands of a window that are in sight, or hold a merge that reaches into sight from above.
 *
 * @param clip the cells that are painted at all
 */
export function bandsOf(window: Window, clip: Band, sight: Band): Band[] {
    const bands: Band[] = [];
    const last = Math.min(clip.bottom, window.top + window.heights.length - 1);
    const [left, right] = [Math.max(clip.left, sight.left), Math.min(clip.right, sight.right)];
    for (let first = window.top; first <= last; first += BAND) {
        const [top, bottom] = [Math.max(first, clip.top), Math.min(first + BAND - 1, last)];
        if (top > bottom || top > sight.bottom || left > right) continue;
        const reaches = (from = 0, to = 0) => from >= top && from <= bottom && to >= sight.top;
        if (bottom >= sight.top || window.merges.some(([from, , to]) => reaches(from, to)))
            bands.push({ top, bottom, left, right });
    }
    return bands;
}

// A window is painted in bands, so what stands in each row is sorted out once.
const sorted = new WeakMap<Window, Map<number, WindowCell[]>>();

function byRow(window: Window): Map<number, WindowCell[]> {
    let found = sorted.get(window);
    if (!found) {
        found = new Map();
        for (const cell of window.cells) {
            const row = found.get(cell.row);
            if (row) row.push(cell);
            else found.set(cell.row, [cell]);
        }
        sorted.set(window, found);
    }
    return found;
}

/** Rows of a window that are painted together, and the columns in sight. */
export interface Band {
    top: number;
    bottom: number;
    left: number;
    right: number;
}

/**
 * Paints some rows of a window: cells and lines. Decides nothing: every text, look and edge comes from the server. The band
 * is an element of its own, so that the browser lays out what is new and not the whole sheet.
 */
export const Paint = memo(function Paint({
    window,
    rows,
    columns,
    zoom = 1,
    top,
    bottom,
    left,
    right,
}: Band & { window: Window; rows: Axis; columns: Axis; zoom?: number }) {
    const start = rows.start(top);
    const here: [number, WindowCell[]][] = [];
    for (const [row, cells] of byRow(window)) {
        if (row < top || row > bottom) continue;
        const seen = cells.filter((cell) => cell.from <= right && Math.max(cell.to, mergeAt(window, cell)?.[3] ?? 0) >= left);
        if (seen.length > 0) here.push([row, seen]);
    }
    return (
        <div
            role="presentation"
            className="absolute"
            style={{ top: start, left: 0, width: columns.end(right), height: rows.end(bottom) - start }}
        >
            {here.map(([row, cells]) => (
                <div
                    role="row"
                    key={row}
                    aria-rowindex={row}
                    className="absolute"
                    style={{ top: rows.start(row) - start, height: rows.sizeOf(row) }}
                >
                    {fillsOf(cells, window).map((fill) => (
                        <div
                            key={`f${fill.from}`}
                            role="presentation"
                            className="absolute"
                            style={{
                                left: columns.start(fill.from),
                                width: columns.end(fill.to) - columns.start(fill.from),
                                height: fill.bottom === row ? '100%' : rows.end(fill.bottom) - rows.start(row),
                                background: fill.colour,
                            }}
                        />
                    ))}
                    {cells.map(
                        (cell) =>
                            cell.bar && (
                                <BarOf
                                    key={`b${cell.column}`}
                                    bar={cell.bar}
                                    left={columns.start(cell.column)}
                                    width={columns.sizeOf(cell.column)}
                                />
                            ),
                    )}
                    {cells.map((cell) => {
                        const look = window.looks[cell.look];
                        if (!look || (cell.text === '' && !cell.edge && !cell.mark)) return null;
                        const begin = columns.start(cell.from);
                        const merge = mergeAt(window, cell);
                        return (
                            <Text
                                key={cell.column}
                                cell={cell}
                                look={look}
                                zoom={zoom}
                                left={begin}
                                width={columns.end(cell.to) - begin}
                                isHere={cell.column >= left && cell.column <= right}
                                height={merge && rows.end(merge[2] ?? row) - rows.start(row)}
                            />
                        );
                    })}
                </div>
            ))}
            {window.lines.map((line) => (
                <Line
                    key={`${line.side}${line.at}.${line.from}`}
                    line={line}
                    rows={rows}
                    columns={columns}
                    start={start}
                    band={{ top, bottom, left, right }}
                />
            ))}
        </div>
    );
});

/** The part of a line that lies along a band's cells; an edge belongs to the cells at both of its sides. */
function Line({ line, rows, columns, start, band }: { line: WindowLine; rows: Axis; columns: Axis; start: number; band: Band }) {
    const along = line.side === 'top';
    const [low, high, first, last] = along
        ? [band.top, band.bottom + 1, band.left, band.right]
        : [band.left, band.right + 1, band.top, band.bottom];
    const from = Math.max(line.from, first);
    const to = Math.min(line.to, last);
    if (line.at < low || line.at > high || from > to) return null;
    const across = (along ? rows : columns).start(line.at) - Math.ceil(line.width / 2);
    const begin = (along ? columns : rows).start(from);
    const length = (along ? columns : rows).end(to) - begin;
    return (
        <div
            role="presentation"
            data-line={line.stroke}
            className="pointer-events-none absolute"
            style={
                along
                    ? {
                          top: across - start,
                          left: begin,
                          width: length,
                          height: line.width,
                          zIndex: 2,
                          ...dashed(line.stroke, line.colour, true, begin),
                      }
                    : {
                          left: across,
                          top: begin - start,
                          height: length,
                          width: line.width,
                          zIndex: 2,
                          ...dashed(line.stroke, line.colour, false, begin),
                      }
            }
        />
    );
}
