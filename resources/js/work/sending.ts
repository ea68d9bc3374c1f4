import { create } from 'zustand';
import { Refused } from '@/api/client';

/** Acts on their way to the server, and whether it answers at present. */
export const useSending = create<{ pending: number; waiting: boolean }>(() => ({ pending: 0, waiting: false }));

/** What says that the server, or the way to it, is gone for now. */
const AWAY = [0, 502, 503, 504];

const pause = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms));

/**
 * Calls until the server has answered: what a person asked for is not dropped because a cable was pulled. The server knows
 * a step that was done although its answer got lost by its name.
 */
export async function persistently<T>(call: () => Promise<T>): Promise<T> {
    useSending.setState(({ pending }) => ({ pending: pending + 1 }));
    try {
        for (let tries = 0; ; tries++) {
            try {
                const answer = await call();
                useSending.setState({ waiting: false });
                return answer;
            } catch (fault) {
                if (!(fault instanceof Refused)) throw fault;
                if (!AWAY.includes(fault.status)) throw fault;
                useSending.setState({ waiting: true });
                await pause(Math.min(8000, 400 * 2 ** tries));
            }
        }
    } finally {
        useSending.setState(({ pending }) => ({ pending: pending - 1, waiting: false }));
    }
}

/** What is not saved yet is asked about before the page is left. Returns how this ends. */
export function askBeforeLeaving(): () => void {
    const leave = (event: BeforeUnloadEvent) => {
        if (useSending.getState().pending > 0) event.preventDefault();
    };
    window.addEventListener('beforeunload', leave);
    return () => window.removeEventListener('beforeunload', leave);
}
