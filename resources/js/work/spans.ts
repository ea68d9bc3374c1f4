import type { Axis, Span } from '@/api/types';
import { useBench } from './state';

/** The chosen columns or rows that an act on one of them goes to: the whole selection where it is part of it. */
export function spansOf(axis: Axis, index: number): Span[] {
    const spans = useBench
        .getState()
        .selection.map((rect): Span => (axis === 'columns' ? [rect.left, rect.right] : [rect.top, rect.bottom]));
    return spans.some(([first, last]) => index >= first && index <= last) ? spans : [[index, index]];
}
