import type { Query, QueryClient } from '@tanstack/react-query';
import { create } from 'zustand';
import { stumbled } from '@/api/client';
import { useSending } from './sending';

export const WAITING = 'Waiting for the server; nothing is lost';

/** Whether something that is in sight could not be read, since the server is away or fails. */
export const useAway = create<{ away: boolean }>(() => ({ away: false }));

/** Whether the server is waited for, to read or to take a step. */
export function useWaiting(): boolean {
    const sends = useSending((state) => state.waiting);
    return useAway((state) => state.away) || sends;
}

/** ms after which what could not be read is asked for again; each time twice as long. */
const FIRST = 1_000;
const LONGEST = 15_000;

const isMissing = (query: Query) => query.state.status === 'error' && !query.isDisabled() && stumbled(query.state.error);

/**
 * Asks again, until it is answered, for what is in sight and could not be read. A query gives up after three times, and a
 * server that is started again takes longer than that: the cells would stay blank until they are scrolled away.
 */
export function askAgain(client: QueryClient): () => void {
    const cache = client.getQueryCache();
    const missing = () => cache.findAll({ type: 'active', predicate: isMissing });
    let pause = FIRST;
    let asks = false;
    let timer: ReturnType<typeof setTimeout> | undefined;
    const look = () => {
        // While they are asked for, some of them are neither missing nor there.
        if (asks) return;
        const away = missing().length > 0;
        if (away !== useAway.getState().away) useAway.setState({ away });
        if (!away) {
            clearTimeout(timer);
            timer = undefined;
            pause = FIRST;
        } else timer ??= setTimeout(ask, pause);
    };
    const ask = () => {
        timer = undefined;
        asks = true;
        pause = Math.min(2 * pause, LONGEST);
        void client.refetchQueries({ type: 'active', predicate: isMissing }).then(() => {
            asks = false;
            look();
        });
    };
    const leave = cache.subscribe((event) => {
        if (event.type !== 'updated') return;
        // What a person asked for again may have been all that was missing.
        if (event.action.type === 'error' || (event.action.type === 'success' && useAway.getState().away)) look();
    });
    return () => {
        leave();
        clearTimeout(timer);
    };
}
