import { LINES, TABLE_LINES } from '@/api/types';
import { useBench } from '@/work/state';
import type { Formatter } from '@/tray/useFormat';

/** The lines of a table that have names, drawn with the pen of the Borders facet; pressed again they go. */
export function BordersPanel({ format }: { format: Formatter }) {
    const pen = useBench((state) => state.pen);
    return (
        <>
            <p className="mb-2 text-[11.5px] text-quiet">
                The pen is set in Borders below: {LINES[pen.line]?.words ?? pen.line}. Each part’s other edges are there too.
            </p>
            <ul className="flex flex-col gap-1">
                <Line
                    words="Outline of tables"
                    onDraw={() => format.revise('frame', { edge: `${pen.line} ${pen.colour}` })}
                    onWipe={() => format.revise('frame', { edge: null })}
                />
                {TABLE_LINES.map(({ words, part, sides }) => (
                    <Line
                        key={words}
                        words={words}
                        onDraw={() =>
                            format.revise('say', {
                                part,
                                kind: null,
                                look: Object.fromEntries(
                                    Object.entries(sides).map(([side, line]) => [side, `${line ?? pen.line} ${pen.colour}`]),
                                ),
                            })
                        }
                        onWipe={() => format.revise('unsay', { part, kind: null, attributes: Object.keys(sides) })}
                    />
                ))}
            </ul>
        </>
    );
}

function Line({ words, onDraw, onWipe }: { words: string; onDraw: () => void; onWipe: () => void }) {
    return (
        <li className="flex items-center gap-1 text-[12px]">
            <span className="min-w-0 flex-1 truncate" title={words}>
                {words}
            </span>
            <button type="button" className="btn text-[11.5px]" aria-label={`Draw: ${words}`} onClick={onDraw}>
                Draw
            </button>
            <button type="button" className="btn text-[11.5px]" aria-label={`Wipe: ${words}`} onClick={onWipe}>
                Wipe
            </button>
        </li>
    );
}
