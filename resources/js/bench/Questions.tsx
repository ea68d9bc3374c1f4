import { ChevronRight, X } from 'lucide-react';
import { useState } from 'react';
import type { QuestionRecord, TableRecord } from '@/api/types';
import { useBench } from '@/work/state';
import type { Acts } from '@/work/useActs';

/** Asks about tables that are read with doubt, one after the other: the two likeliest readings, seen on the sheet while rested on. */
export function Questions({ tables, acts }: { tables: TableRecord[]; acts: Acts }) {
    const [at, setAt] = useState(0);
    const [isLater, setLater] = useState(false);
    const tryOn = useBench((state) => state.tryOn);
    const asked = tables.filter((table) => table.question !== null);
    const table = asked[at % Math.max(1, asked.length)];
    if (isLater || !table?.question) return null;
    const question: QuestionRecord = table.question;
    const show = () =>
        useBench.getState().select([{ top: question.first, left: table.left, bottom: question.last, right: table.right }]);
    const answers = question.answers.map(({ words, ...correction }) => ({ words, correction }));
    return (
        <section
            aria-label="Question about the reading"
            className="flex min-w-0 flex-wrap items-center gap-x-3 gap-y-1 border-b border-hair bg-brass-soft px-3 py-1 text-[12.5px]"
        >
            <p className="min-w-[200px] flex-1">
                <button type="button" className="text-left underline decoration-dotted underline-offset-2" onClick={show}>
                    {question.words}
                </button>{' '}
                Which is it?
            </p>
            <span className="flex items-center gap-2">
                {answers.map(({ words, correction }, index) => (
                    <button
                        key={words}
                        type="button"
                        className="btn h-[26px]"
                        title={index === 0 ? 'As it is read now' : 'Rest on it to see it on the sheet'}
                        onMouseEnter={() => tryOn({ act: 'correct', args: { correction }, words })}
                        onMouseLeave={() => tryOn(null)}
                        onFocus={() => tryOn({ act: 'correct', args: { correction }, words })}
                        onBlur={() => tryOn(null)}
                        onClick={() => {
                            tryOn(null);
                            void acts.act('correct', { correction });
                        }}
                    >
                        {words}
                    </button>
                ))}
                {asked.length > 1 && (
                    <button type="button" className="icon-btn gap-0.5 px-1" onClick={() => setAt(at + 1)}>
                        {(at % asked.length) + 1} of {asked.length}
                        <ChevronRight size={13} aria-label="next question" />
                    </button>
                )}
                <button type="button" className="icon-btn" aria-label="Answer later" onClick={() => setLater(true)}>
                    <X size={13} />
                </button>
            </span>
        </section>
    );
}
