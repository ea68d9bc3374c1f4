import type { Rect } from '@/api/client';
import type { Axis } from '@/grid/geometry';
import { Paint } from '@/grid/Paint';
import type { Place } from '@/grid/selection';
import type { Tile } from '@/grid/useTiles';
import { SelectionMarks } from './SelectionMarks';

/** Frozen rows and columns cut the grid into up to four quadrants; each paints its own cells and its part of the selection. */
export function Quadrant({
    tiles,
    clip,
    rows,
    columns,
    selection,
    active,
}: {
    tiles: Tile[];
    clip: Rect;
    rows: Axis;
    columns: Axis;
    selection: Rect[];
    active: Place;
}) {
    return (
        <>
            {tiles.map(
                ({ key, range, window }) =>
                    window &&
                    range.top <= clip.bottom &&
                    range.bottom >= clip.top &&
                    range.left <= clip.right &&
                    range.right >= clip.left && <Paint key={key} window={window} rows={rows} columns={columns} clip={clip} />,
            )}
            <SelectionMarks selection={selection} active={active} rows={rows} columns={columns} view={clip} />
        </>
    );
}
