import { Dialog } from 'radix-ui';
import { useState } from 'react';
import { create } from 'zustand';
import { useReturnFocus } from '@/parts/useReturnFocus';
import { Shade } from './Shade';

interface Question {
    title: string;
    /** Words beneath the title. */
    about?: string;
    /** What is asked for; without it the question is answered by yes or no. */
    label?: string;
    value?: string;
    action: string;
    /** Another way to go on; its answer is "other". */
    other?: string;
    /** Another way to go on with the text; its answer begins with "other:". */
    otherWithText?: string;
    /** What is written is not shown. */
    secret?: boolean;
    /** It may be left empty. */
    optional?: boolean;
    danger?: boolean;
    answer: (text: string | null) => void;
}

const useQuestion = create<{ question: Question | null }>(() => ({ question: null }));

/** Asks for a text, or for a yes; null where a person leaves it. */
export function ask(question: Omit<Question, 'answer'>): Promise<string | null> {
    return new Promise((resolve) => {
        useQuestion.setState({
            question: {
                ...question,
                answer: (text) => {
                    useQuestion.setState({ question: null });
                    resolve(text);
                },
            },
        });
    });
}

export function Asking() {
    const question = useQuestion((state) => state.question);
    return question && <Open key={question.title} question={question} />;
}

function Open({ question }: { question: Question }) {
    useReturnFocus();
    const [text, setText] = useState(question.value ?? '');
    return (
        <Dialog.Root open onOpenChange={(open) => !open && question.answer(null)}>
            <Dialog.Portal>
                <Shade />
                <Dialog.Content className="dialog w-[400px]" aria-describedby={question.about ? 'question-about' : undefined}>
                    <Dialog.Title className="text-[15px] font-semibold">{question.title}</Dialog.Title>
                    {question.about && (
                        <p id="question-about" className="mt-2 text-quiet">
                            {question.about}
                        </p>
                    )}
                    <form
                        onSubmit={(event) => {
                            event.preventDefault();
                            question.answer(text);
                        }}
                    >
                        {question.label && (
                            <label className="mt-3 block text-[12px] text-quiet">
                                {question.label}
                                <input
                                    className="field mt-1 w-full text-[13px] text-ink"
                                    type={question.secret ? 'password' : 'text'}
                                    autoComplete={question.secret ? 'off' : undefined}
                                    value={text}
                                    autoFocus
                                    onChange={(event) => setText(event.target.value)}
                                />
                            </label>
                        )}
                        <div className="mt-4 flex flex-wrap-reverse justify-end gap-2">
                            <button type="button" className="btn" onClick={() => question.answer(null)}>
                                Leave it
                            </button>
                            {question.other && (
                                <button type="button" className="btn" onClick={() => question.answer('other')}>
                                    {question.other}
                                </button>
                            )}
                            {question.otherWithText && (
                                <button
                                    type="button"
                                    className="btn"
                                    disabled={text.trim() === ''}
                                    onClick={() => question.answer(`other:${text}`)}
                                >
                                    {question.otherWithText}
                                </button>
                            )}
                            <button
                                type="submit"
                                className={`btn ${question.danger ? 'border-danger text-danger' : 'btn-primary'}`}
                                disabled={question.label !== undefined && !question.optional && text.trim() === ''}
                            >
                                {question.action}
                            </button>
                        </div>
                    </form>
                </Dialog.Content>
            </Dialog.Portal>
        </Dialog.Root>
    );
}
