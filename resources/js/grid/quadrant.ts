import type { Rect } from '@/api/client';

/** What a quadrant shows, and a little more, in steps, so that most scrolling changes nothing but the place. */
export function inSight(view: Rect, clip: Rect, frozen: { row: number; column: number }): Rect {
    const down = clip.bottom > frozen.row;
    const along = clip.right > frozen.column;
    return {
        top: down ? view.top - 4 : 1,
        bottom: down ? view.bottom + 4 : frozen.row,
        left: along ? Math.floor((view.left - 1) / 4) * 4 + 1 : 1,
        right: along ? Math.ceil(view.right / 4) * 4 : frozen.column,
    };
}
