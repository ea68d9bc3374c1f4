import { Fragment } from 'react';
import type { Rect } from '@/api/client';
import type { Axis } from '@/grid/geometry';
import { ChoiceMarks } from '@/guard/ChoiceMarks';
import { bandsOf, Paint } from '@/grid/Paint';
import type { Place } from '@/grid/selection';
import type { Tile } from '@/grid/useTiles';
import { NoteMarks, SelectionMarks } from './SelectionMarks';

/** Frozen rows and columns cut the grid into up to four quadrants; each paints its own cells and its part of the selection. */
export function Quadrant({
    tiles,
    clip,
    sight,
    zoom,
    rows,
    columns,
    notes,
    choices,
    selection,
    active,
}: {
    tiles: Tile[];
    clip: Rect;
    /** What is in sight, and a little more. */
    sight: Rect;
    /** 1 for 100 %. */
    zoom: number;
    rows: Axis;
    columns: Axis;
    notes: Rect[];
    /** Ranges whose cells offer choices. */
    choices: string[];
    selection: Rect[];
    active: Place;
}) {
    return (
        <>
            {tiles.map(({ key, window }) => (
                <Fragment key={key}>
                    {window &&
                        bandsOf(window, clip, sight).map((band) => (
                            <Paint
                                key={band.top}
                                window={window}
                                rows={rows}
                                columns={columns}
                                zoom={zoom}
                                top={band.top}
                                bottom={band.bottom}
                                left={band.left}
                                right={band.right}
                            />
                        ))}
                </Fragment>
            ))}
            {choices.length > 0 && <ChoiceMarks choices={choices} rows={rows} columns={columns} view={inside(sight, clip)} />}
            <NoteMarks ranges={notes} rows={rows} columns={columns} view={clip} />
            <SelectionMarks selection={selection} active={active} rows={rows} columns={columns} view={clip} />
        </>
    );
}

const inside = (one: Rect, other: Rect): Rect => ({
    top: Math.max(one.top, other.top),
    left: Math.max(one.left, other.left),
    bottom: Math.min(one.bottom, other.bottom),
    right: Math.min(one.right, other.right),
});
