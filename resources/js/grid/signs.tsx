import { SHAPES, type DrawnBar, type WindowMark } from '@/api/types';

/** A mark beside a value, told by its shape. */
export function Mark({ mark, size, aside = false }: { mark: WindowMark; size: number; aside?: boolean }) {
    const shape = SHAPES[mark.shape];
    return (
        <svg
            role="img"
            aria-label={shape?.words ?? mark.shape}
            viewBox="0 0 12 12"
            width={size}
            height={size}
            className={`flex-none ${aside ? 'mr-auto' : 'mr-1'}`}
        >
            <path d={shape?.path} fill={mark.colour} fillRule="evenodd" />
        </svg>
    );
}

/** A bar behind a value, and the axis where bars below and above nought meet. */
export function BarOf({ bar, left, width }: { bar: DrawnBar; left: number; width: number }) {
    const shade = bar.isGradient ? `linear-gradient(to right, ${bar.colour}, ${bar.colour}40)` : bar.colour;
    const at = (share: number) => left + 1 + share * (width - 2);
    return (
        <>
            <div
                role="presentation"
                data-bar={bar.colour}
                className="absolute"
                style={{
                    left: at(bar.start),
                    width: Math.max(0, at(bar.end) - at(bar.start)),
                    top: 2,
                    bottom: 2,
                    background: shade,
                    ...(bar.border ? { border: `1px solid ${bar.border}` } : {}),
                }}
            />
            {bar.axis !== null && (
                <div
                    role="presentation"
                    className="absolute"
                    style={{ left: at(bar.axis), top: 0, bottom: 0, borderLeft: `1px dashed ${bar.axisColour ?? '#000'}` }}
                />
            )}
        </>
    );
}
