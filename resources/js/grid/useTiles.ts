import { useQueries, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, type Rect } from '@/api/client';
import type { Window } from '@/api/types';
import { keys } from '@/api/keys';
import { newest } from '@/api/newest';

const TILE_ROWS = 24;
const TILE_COLUMNS = 24;

export interface Tile {
    key: string;
    window: Window | undefined;
}

function tilesOf(view: Rect): Rect[] {
    const tiles: Rect[] = [];
    const first = (at: number, size: number) => Math.floor((at - 1) / size) * size + 1;
    for (let top = first(view.top, TILE_ROWS); top <= view.bottom; top += TILE_ROWS)
        for (let left = first(view.left, TILE_COLUMNS); left <= view.right; left += TILE_COLUMNS)
            tiles.push({ top, left, bottom: top + TILE_ROWS - 1, right: left + TILE_COLUMNS - 1 });
    return tiles;
}

/** The windows that cover some views of a sheet; while a new revision is fetched, the old one stays in sight. */
export function useTiles(id: number, sheet: number, seen: string, views: Rect[], last: { row: number; column: number }): Tile[] {
    const client = useQueryClient();
    const wanted = new Map<string, Rect>();
    for (const view of views) {
        for (const tile of tilesOf(view)) {
            const range = { ...tile, bottom: Math.min(tile.bottom, last.row), right: Math.min(tile.right, last.column) };
            if (range.top <= range.bottom && range.left <= range.right) wanted.set(`${range.top}.${range.left}`, range);
        }
    }
    const corners = [...wanted.keys()];
    // Queries that are used together are not told what was there before, so the newest window is looked for.
    const before = (key: string) => newest<Window>(client, ['window', id, sheet, key]);
    const results = useQueries({
        queries: corners.map((key) => {
            const range = wanted.get(key) as Rect;
            return {
                queryKey: keys.window(id, sheet, range, seen),
                queryFn: ({ signal }: { signal: AbortSignal }) => api.window(id, sheet, range, signal),
                staleTime: Infinity,
                gcTime: 60_000,
                // A window is replaced whole; comparing a thousand cells with those before costs frames.
                structuralSharing: false,
                placeholderData: () => before(key),
            };
        }),
    });
    // What cannot be read at present stays in sight as it was.
    const tiles = corners.map((key, index) => {
        const { data, isError } = results[index] ?? {};
        return { key, window: data ?? (isError ? before(key) : undefined) };
    });
    // A new list is painted anew; the same windows are the same list.
    const [kept, keep] = useState<Tile[]>(tiles);
    if (isSame(kept, tiles)) return kept;
    keep(tiles);
    return tiles;
}

const isSame = (one: Tile[], other: Tile[]) =>
    one.length === other.length &&
    one.every(({ key, window }, index) => key === other[index]?.key && window === other[index]?.window);
