import { LINES } from '@/api/types';

/**
 * A kind of line as a background: the dashes of each kind are its own, which the borders of CSS cannot say.
 *
 * @param begin where the line begins in px, so that pieces of one line go on with each other
 */
export function dashed(kind: string, colour: string, along: boolean, begin = 0): Record<string, string> {
    const { dashes = [], width = 1 } = LINES[kind] ?? {};
    if (kind === 'double') {
        const stripes = `linear-gradient(${along ? '180deg' : '90deg'}, ${colour} 0 1px, transparent 1px 2px, ${colour} 2px 3px)`;
        return { background: stripes };
    }
    if (dashes.length === 0) return { background: colour };
    const stops: string[] = [];
    let at = 0;
    for (const [index, length] of dashes.entries()) {
        stops.push(`${index % 2 === 0 ? colour : 'transparent'} ${at}px ${at + length}px`);
        at += length;
    }
    const image = `repeating-linear-gradient(${along ? '90deg' : '180deg'}, ${stops.join(', ')})`;
    const place = (shift: number, row: number) => (along ? `${shift}px ${row}px` : `${row}px ${shift}px`);
    const shift = -(begin % at);
    if (kind === 'slantDashDot') {
        // Its two rows of points stand one point apart, so that the ends of the dashes slant.
        const size = along ? '100% 1px' : '1px 100%';
        return {
            backgroundImage: `${image}, ${image}`,
            backgroundSize: size,
            backgroundRepeat: along ? 'repeat-x' : 'repeat-y',
            backgroundPosition: `${place(shift + 1, 0)}, ${place(shift - 1, 1)}`,
        };
    }
    return {
        backgroundImage: image,
        backgroundPosition: place(shift, 0),
        backgroundSize: along ? `auto ${width}px` : `${width}px auto`,
    };
}
