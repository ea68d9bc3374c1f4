import { ArrowDown, ArrowUp, X } from 'lucide-react';
import type { StepRecord } from '@/api/types';

/** Steps of a routine as sentences, in their order: what they mean by a place can be chosen, and each moved or left out. */
export function StepList({ steps, onChange }: { steps: StepRecord[]; onChange: (steps: StepRecord[]) => void }) {
    const put = (at: number, to: number) => {
        const rest = steps.filter((_, index) => index !== at);
        const step = steps[at];
        if (step) onChange([...rest.slice(0, to), step, ...rest.slice(to)]);
    };
    return (
        <ol className="flex flex-col">
            {steps.map((step, at) => (
                <li key={`${at}.${step.step}`} className="flex items-center gap-2 border-t border-[#efeae1] py-1.5">
                    <span className="w-5 flex-none text-right text-[12px] text-quiet">{at + 1}</span>
                    <span className="min-w-0 flex-1">
                        <span className="block truncate" title={step.words}>
                            {step.words}
                        </span>
                        {!step.isSure && (
                            <span className="block truncate text-[12px] text-caution">
                                You chose {step.said}. Say what that means elsewhere.
                            </span>
                        )}
                    </span>
                    {step.choices.length > 1 && (
                        <select
                            className="field w-[210px] flex-none"
                            aria-label={`Where step ${at + 1} is done`}
                            value={step.step}
                            onChange={(event) => {
                                const chosen = step.choices.find((each) => each.step === event.target.value);
                                if (chosen)
                                    onChange(
                                        steps.map((each, index) =>
                                            index === at ? { ...each, step: chosen.step, isSure: true } : each,
                                        ),
                                    );
                            }}
                        >
                            {step.choices.map((choice) => (
                                <option key={choice.step} value={choice.step}>
                                    {step.isSure || choice.step !== step.step ? choice.place : 'say what it means…'}
                                </option>
                            ))}
                        </select>
                    )}
                    <button
                        type="button"
                        className="icon-btn flex-none"
                        aria-label={`Do step ${at + 1} earlier`}
                        disabled={at === 0}
                        onClick={() => put(at, at - 1)}
                    >
                        <ArrowUp size={13} />
                    </button>
                    <button
                        type="button"
                        className="icon-btn flex-none"
                        aria-label={`Do step ${at + 1} later`}
                        disabled={at === steps.length - 1}
                        onClick={() => put(at, at + 1)}
                    >
                        <ArrowDown size={13} />
                    </button>
                    <button
                        type="button"
                        className="icon-btn flex-none"
                        aria-label={`Leave step ${at + 1} out`}
                        onClick={() => onChange(steps.filter((_, index) => index !== at))}
                    >
                        <X size={13} />
                    </button>
                </li>
            ))}
        </ol>
    );
}
