import type { ConditionRecord, LookValues, WindowMark } from '@/api/types';
import { Mark } from '@/grid/signs';

/** How a conditional look looks, as small as a key. */
export function Sample({
    look,
    scale = [],
    bar = null,
    marks = [],
    text = 'Ag',
    large = false,
}: {
    look: LookValues;
    scale?: { colour: string }[];
    bar?: string | null;
    marks?: WindowMark[];
    text?: string;
    large?: boolean;
}) {
    const value = (name: string) => (typeof look[name] === 'string' ? look[name] : undefined);
    const fill = value('fill');
    const highest = marks.at(-1);
    const isMarked = value('number')?.includes('▲') === true;
    const ground =
        scale.length > 0
            ? `linear-gradient(to right, ${scale.map((one) => one.colour).join(', ')})`
            : bar
              ? `linear-gradient(to right, ${bar} 60%, #fff 60%)`
              : fill && fill !== 'none'
                ? fill
                : '#fff';
    return (
        <span
            aria-hidden="true"
            className={`grid flex-none place-items-center overflow-hidden rounded border border-hair
                    ${large ? 'h-8 min-w-16 px-2 text-[13px]' : 'h-[18px] min-w-[20px] px-0.5 text-[10.5px]'}`}
            style={{
                background: ground,
                color: value('ink') ?? '#2A2230',
                fontWeight: look.bold === true ? 700 : 400,
                fontStyle: look.italic === true ? 'italic' : undefined,
                textDecoration: look.strike === true ? 'line-through' : look.underline ? 'underline' : undefined,
            }}
        >
            {highest ? <Mark mark={highest} size={large ? 16 : 11} /> : scale.length > 0 || bar ? '' : isMarked ? '▲' : text}
        </span>
    );
}

export const sampleOf = (record: ConditionRecord) => ({
    look: record.look,
    scale: record.scale,
    bar: record.bar,
    marks: record.marks,
});
