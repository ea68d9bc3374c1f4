import { useEffect, useRef } from 'react';
import type { FindingRecord } from '@/api/types';
import { trying } from '@/work/trial';
import { LeaveBox } from './LeaveBox';
import { shortly } from './list';

/** One finding: what it is, where, why, and what can be done with it. */
export function FindingCard({
    finding,
    alike,
    chosen,
    leaving,
    onChoose,
    onMend,
    onLeave,
    onAgain,
    onLeaving,
}: {
    finding: FindingRecord;
    /** Others of its kind that can be mended, itself among them. */
    alike: string[];
    chosen: boolean;
    leaving: boolean;
    onChoose: () => void;
    onMend: (keys: string[]) => void;
    onLeave: (reason: string) => void;
    onAgain: () => void;
    onLeaving: (open: boolean) => void;
}) {
    const card = useRef<HTMLLIElement>(null);
    useEffect(() => {
        if (chosen) card.current?.scrollIntoView({ block: 'nearest' });
    }, [chosen]);
    const tries = (keys: string[]) => {
        const on = trying({
            act: 'mend',
            args: { keys },
            words: keys.length === 1 ? 'the mended sheet' : `${keys.length} mends`,
        });
        return {
            ...on,
            onMouseEnter: () => {
                onChoose();
                on.onMouseEnter?.();
            },
        };
    };
    return (
        <li
            ref={card}
            className={`rounded-lg border bg-white px-3 py-2.5 ${chosen ? 'border-damson ring-1 ring-damson' : 'border-hair'}`}
        >
            <button
                type="button"
                className="block w-full text-left"
                aria-current={chosen || undefined}
                onClick={onChoose}
                onFocus={onChoose}
            >
                <span className="flex items-baseline gap-3">
                    <span className="font-semibold">{finding.title}</span>
                    <span className="ml-auto max-w-[55%] truncate font-mono text-[11.5px] text-quiet" title={finding.range}>
                        {shortly(finding)}
                    </span>
                </span>
                <span className="mt-0.5 block text-[12.5px] break-words text-quiet">{finding.words}</span>
                {chosen && <span className="mt-0.5 block text-[12.5px]">{finding.reason}</span>}
                {finding.left !== null && <span className="mt-0.5 block text-[12.5px] text-caution">Left: {finding.left}</span>}
            </button>
            <span className="mt-1.5 flex flex-wrap items-center gap-1.5">
                {finding.mend !== null && (
                    <button
                        type="button"
                        className={`btn h-7 ${chosen ? 'btn-primary' : ''}`}
                        aria-label={`Mend: ${finding.title}, ${shortly(finding)}`}
                        onClick={() => onMend([finding.key])}
                        {...tries([finding.key])}
                    >
                        Mend
                    </button>
                )}
                {finding.mend !== null && alike.length > 1 && (
                    <button type="button" className="btn h-7" onClick={() => onMend(alike)} {...tries(alike)}>
                        Mend all {alike.length}
                    </button>
                )}
                {finding.left === null ? (
                    <LeaveBox open={leaving} onOpen={onLeaving} onLeave={onLeave} />
                ) : (
                    <button type="button" className="btn h-7" onClick={onAgain}>
                        Look for it again
                    </button>
                )}
                <span className="ml-auto text-[12px] text-quiet">{finding.mend ?? 'only you can tell'}</span>
            </span>
        </li>
    );
}
