import { useCallback, type KeyboardEvent } from 'react';
import type { SheetDetail } from '@/api/types';
import { COLUMNS, ROWS, parse } from '@/grid/address';
import { between, wholeColumns, wholeRows, type Place } from '@/grid/selection';
import { useBench } from '@/work/state';

interface Bounds {
    rows: number;
    columns: number;
    detail: SheetDetail;
    page: number;
}

const MIRRORED: Record<string, string> = { ArrowLeft: 'ArrowRight', ArrowRight: 'ArrowLeft' };

/** Moving and selecting by key. */
export function useGridKeys({ rows, columns, detail, page }: Bounds) {
    return useCallback(
        (event: KeyboardEvent) => {
            if ((event.target as HTMLElement).getAttribute('role') !== 'grid') return;
            const { active, anchor, selection, select } = useBench.getState();
            const table = detail.tables.find(
                (t) => active.row >= t.top && active.row <= t.bottom && active.column >= t.left && active.column <= t.right,
            );
            const far = event.ctrlKey || event.metaKey;
            const partRanges = (part: string) =>
                table?.parts.find((p) => p.part === part)?.ranges.flatMap((text) => parse(text) ?? []) ?? [];

            if (far && event.key.toLowerCase() === 'a') {
                // Once for the table, again for the sheet.
                event.preventDefault();
                const whole = { top: 1, left: 1, bottom: ROWS, right: COLUMNS };
                const box = table && { top: table.top, left: table.left, bottom: table.bottom, right: table.right };
                select([box && JSON.stringify(selection) !== JSON.stringify([box]) ? box : whole], active, false);
                return;
            }
            if (event.altKey && (event.key === 'b' || event.key === 'h')) {
                const ranges = partRanges(event.key === 'b' ? 'body' : 'heading');
                if (ranges.length > 0) {
                    event.preventDefault();
                    select(ranges);
                }
                return;
            }
            if (event.key === ' ' && (event.ctrlKey || event.shiftKey)) {
                event.preventDefault();
                select(
                    [event.ctrlKey ? wholeColumns(active.column, active.column) : wholeRows(active.row, active.row)],
                    active,
                    false,
                );
                return;
            }
            const from = event.shiftKey ? farCorner(selection[selection.length - 1], anchor) : active;
            // On a mirrored sheet the next column is at the left.
            const key = detail.rightToLeft ? (MIRRORED[event.key] ?? event.key) : event.key;
            const to = step(key, from, far, {
                rows: Math.min(rows, ROWS),
                columns: Math.min(columns, COLUMNS),
                last: { row: detail.rows, column: detail.columns },
                page,
            });
            if (!to) return;
            event.preventDefault();
            if (event.shiftKey && event.key !== 'Enter' && event.key !== 'Tab') {
                select([...selection.slice(0, -1), between(anchor, to)], anchor, false);
                useBench.setState({ reveal: { ...to } });
            } else {
                select([between(to, to)]);
            }
        },
        [rows, columns, detail, page],
    );
}

function farCorner(rect: { top: number; left: number; bottom: number; right: number } | undefined, anchor: Place): Place {
    if (!rect) return anchor;
    return {
        row: rect.top === anchor.row ? rect.bottom : rect.top,
        column: rect.left === anchor.column ? rect.right : rect.left,
    };
}

function step(
    key: string,
    from: Place,
    far: boolean,
    bounds: { rows: number; columns: number; last: Place; page: number },
): Place | null {
    const row = (to: number) => ({ ...from, row: Math.max(1, Math.min(bounds.rows, to)) });
    const column = (to: number) => ({ ...from, column: Math.max(1, Math.min(bounds.columns, to)) });
    switch (key) {
        case 'ArrowDown':
            return row(far ? (from.row < bounds.last.row ? bounds.last.row : bounds.rows) : from.row + 1);
        case 'Enter':
            return row(from.row + 1);
        case 'ArrowUp':
            return row(far ? 1 : from.row - 1);
        case 'ArrowRight':
            return column(far ? (from.column < bounds.last.column ? bounds.last.column : bounds.columns) : from.column + 1);
        case 'ArrowLeft':
            return column(far ? 1 : from.column - 1);
        case 'PageDown':
            return row(from.row + bounds.page);
        case 'PageUp':
            return row(from.row - bounds.page);
        case 'Home':
            return far ? { row: 1, column: 1 } : column(1);
        case 'End':
            return far
                ? { row: Math.max(1, bounds.last.row), column: Math.max(1, bounds.last.column) }
                : column(bounds.last.column);
        default:
            return null;
    }
}
