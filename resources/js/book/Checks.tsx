import type { InkPairRecord, RulesRecord } from '@/api/types';
import { useBench } from '@/work/state';
import { trying } from '@/work/trial';
import type { Acts } from '@/work/useActs';

/** Pairs that are shown where all of them read well. */
const SOME = 3;

/** How the colours do: every ink on its fill, what readers without one kind of cone see, colours that are nearly the same. */
export function Checks({ rules, acts, whole }: { rules: RulesRecord; acts: Acts; whole: boolean }) {
    const failing = rules.pairs.filter((pair) => !pair.passes);
    const shown = whole ? rules.pairs : rules.pairs.slice(0, Math.max(SOME, failing.length));
    return (
        <>
            <section aria-label="Contrast">
                <h2 className="mb-1.5 text-[12.5px] font-semibold">Contrast, the worst first</h2>
                <ul>
                    {shown.map((pair) => (
                        <Pair key={pair.ink + pair.fill} pair={pair} acts={acts} />
                    ))}
                </ul>
                {shown.length < rules.pairs.length && (
                    <p className="text-[11.5px] text-quiet">
                        {rules.pairs.length - shown.length} more pairs, all better. The palette shows them.
                    </p>
                )}
            </section>
            <section aria-label="Colour vision" className="mt-3 border-t border-hair pt-2.5">
                <h2 className="mb-1.5 text-[12.5px] font-semibold">As others see it</h2>
                {rules.readers.map((reader) => (
                    <div key={reader.kind} className="mb-2">
                        <p className="text-[11.5px] text-quiet" title={reader.kind}>
                            {reader.words}
                        </p>
                        <div className="mt-0.5 flex h-4 gap-0.5" aria-hidden="true">
                            {reader.seen.map((hex, at) => (
                                <i
                                    key={at}
                                    className="flex-1 rounded-sm border border-black/10"
                                    style={{ background: hex }}
                                    title={rules.palette[at]?.name}
                                />
                            ))}
                        </div>
                        {reader.alike.length > 0 && (
                            <p className="text-[11.5px] text-caution">
                                Hard to tell apart: {reader.alike.join('; ')}. A sign or bold helps.
                            </p>
                        )}
                    </div>
                ))}
                {rules.near.length > 0 && (
                    <p className="text-[11.5px] text-caution" title="Two colours nearer than 3 (CIEDE2000) pass for one">
                        Nearly the same: {rules.near.join('; ')}
                    </p>
                )}
            </section>
        </>
    );
}

function Pair({ pair, acts }: { pair: InkPairRecord; acts: Acts }) {
    const args = { ink: pair.ink, fill: pair.fill };
    return (
        <li className="flex h-7 items-center gap-2 text-[12px]" title={pair.where.join(', ')}>
            <span
                className="grid h-[22px] w-9 flex-none place-items-center rounded border border-black/15 text-[11px]"
                style={{ background: pair.fill, color: pair.ink }}
                aria-hidden="true"
            >
                Ag
            </span>
            <b className="flex-none">{pair.ratio.toFixed(1)} : 1</b>
            <span className="min-w-0 flex-1 truncate text-[11px] text-quiet">{pair.where[0]}</span>
            {pair.passes ? (
                <span className="flex-none text-[11px] text-good">reads well</span>
            ) : (
                <button
                    type="button"
                    className="btn flex-none text-[11.5px]"
                    title={`${pair.wanted} : 1 is wanted. The nearest ink that reads is ${pair.better}`}
                    aria-label={`Mend ink ${pair.ink} on ${pair.fill}`}
                    {...trying({ revise: 'mendInk', args, words: `ink ${pair.better}` })}
                    onClick={() => {
                        useBench.getState().tryOn(null);
                        void acts.revise('mendInk', args);
                    }}
                >
                    <i className="h-3 w-3 rounded-sm border border-black/15" style={{ background: pair.better }} />
                    Mend
                </button>
            )}
        </li>
    );
}
