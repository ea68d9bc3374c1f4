import { X } from 'lucide-react';
import { useLayoutEffect, useRef, useState } from 'react';
import { create } from 'zustand';
import { Refused, stumbled } from '@/api/client';

interface Message {
    id: number;
    text: string;
    kind: 'said' | 'refused';
    /** What a person can do about it, and how it is called. */
    act?: { words: string; run: () => void };
}

const useMessages = create<{ messages: Message[] }>(() => ({ messages: [] }));
let last = 0;

export function say(text: string, kind: Message['kind'] = 'said', act?: Message['act']): void {
    const id = ++last;
    useMessages.setState(({ messages }) => ({ messages: [...messages.slice(-2), { id, text, kind, act }] }));
    // What was refused and can still be done is kept until it is done or put away.
    if (!act || kind === 'said') setTimeout(() => dismiss(id), kind === 'said' ? (act ? 9000 : 5000) : 15000);
}

const worded = (fault: unknown) => (fault instanceof Refused || fault instanceof Error ? fault.message : 'Something went wrong.');

/** Tells a person what the server refused, or that something went wrong. */
export function tell(fault: unknown): void {
    say(worded(fault), 'refused');
}

/** Tells what was refused; what was not done since the server is away or fails is kept, so that it can be tried again. */
export function offerAgain(words: string, fault: unknown, run: () => void): void {
    if (!stumbled(fault)) return tell(fault);
    say(`${words} ${worded(fault)}`, 'refused', { words: 'Try again', run });
}

function dismiss(id: number): void {
    useMessages.setState(({ messages }) => ({ messages: messages.filter((message) => message.id !== id) }));
}

export function Messages() {
    const messages = useMessages((state) => state.messages);
    const box = useRef<HTMLDivElement>(null);
    const [isAside, setAside] = useState(false);
    // A message does not lie over the cell that it speaks of: it goes to the other side.
    useLayoutEffect(() => {
        const cell = document.getElementById('active-cell')?.getBoundingClientRect();
        const own = box.current?.getBoundingClientRect();
        if (!cell || !own || messages.length === 0) return setAside(false);
        setAside(cell.right > window.innerWidth - own.width - 16 && cell.bottom > own.top);
    }, [messages]);
    return (
        <div
            ref={box}
            role="status"
            aria-live="polite"
            className={`fixed z-60 flex w-96 max-w-[calc(100vw-16px)] flex-col gap-2 ${isAside ? 'left-60' : 'right-4'}
                    ${document.querySelector('[aria-label=Tray]') ? 'bottom-[190px]' : 'bottom-9'}`}
        >
            {messages.map((message) => (
                <div
                    key={message.id}
                    className={`flex items-start gap-2 rounded-md border bg-white p-3 shadow-lg
                            ${message.kind === 'refused' ? 'border-danger text-danger' : 'border-hair'}`}
                >
                    <span className="flex-1">
                        {message.text}
                        {message.act && (
                            <button
                                type="button"
                                className="btn mt-2 flex"
                                onClick={() => {
                                    dismiss(message.id);
                                    message.act?.run();
                                }}
                            >
                                {message.act.words}
                            </button>
                        )}
                    </span>
                    <button
                        type="button"
                        aria-label="Dismiss"
                        className="-my-1 grid h-6 w-6 flex-none place-items-center rounded hover:bg-ground"
                        onClick={() => dismiss(message.id)}
                    >
                        <X size={14} />
                    </button>
                </div>
            ))}
        </div>
    );
}
