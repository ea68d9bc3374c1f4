import { afterEach, beforeEach, expect, test, vi } from 'vitest';
import { Refused } from '@/api/client';
import { askBeforeLeaving, persistently, useSending } from './sending';

const refused = (status: number) => new Refused(`status ${status}`, status, null);

/** A server that answers each call with the next of some statuses, and with "done" at the end. */
function server(...statuses: number[]) {
    let calls = 0;
    const call = () => {
        const status = statuses[calls++];
        return status === undefined ? Promise.resolve('done') : Promise.reject(refused(status));
    };
    return { call, count: () => calls };
}

beforeEach(() => {
    vi.useFakeTimers();
    useSending.setState({ pending: 0, waiting: false });
});

afterEach(() => {
    vi.useRealTimers();
    vi.restoreAllMocks();
});

test('what the server takes at once is sent once', async () => {
    const { call, count } = server();
    const answer = persistently(call);
    expect(useSending.getState()).toEqual({ pending: 1, waiting: false });
    expect(await answer).toBe('done');
    expect(count()).toBe(1);
    expect(useSending.getState()).toEqual({ pending: 0, waiting: false });
});

test('a server that is away is asked again, less and less often, and nothing is dropped', async () => {
    const { call, count } = server(0, 502, 503, 504, 0, 0, 0);
    const answer = persistently(call);
    await vi.advanceTimersByTimeAsync(0);
    expect([count(), useSending.getState().waiting]).toEqual([1, true]);
    // Twice as long each time, and never longer than eight seconds.
    for (const [pause, calls] of [
        [399, 1],
        [1, 2],
        [799, 2],
        [1, 3],
        [1_600, 4],
        [3_200, 5],
        [6_400, 6],
        [7_999, 6],
        [1, 7],
        [8_000, 8],
    ] as const) {
        await vi.advanceTimersByTimeAsync(pause);
        expect(count()).toBe(calls);
    }
    expect(await answer).toBe('done');
    expect(useSending.getState()).toEqual({ pending: 0, waiting: false });
});

test('what the server refuses is not asked for again', async () => {
    for (const status of [400, 403, 409, 422, 500]) {
        const { call, count } = server(status);
        await expect(persistently(call)).rejects.toThrow(`status ${status}`);
        expect(count()).toBe(1);
    }
    const fault = new Error('a fault of the page itself');
    await expect(persistently(() => Promise.reject(fault))).rejects.toBe(fault);
    expect(useSending.getState().pending).toBe(0);
});

test('several are on their way at once, and each is counted until it is answered', async () => {
    const away = server(0);
    const both = [persistently(away.call), persistently(server().call)];
    expect(useSending.getState().pending).toBe(2);
    await vi.advanceTimersByTimeAsync(0);
    expect(useSending.getState().pending).toBe(1);
    await vi.advanceTimersByTimeAsync(400);
    await Promise.all(both);
    expect(useSending.getState()).toEqual({ pending: 0, waiting: false });
});

test('leaving is asked about while something is on its way, and only as long as the page is there', () => {
    vi.stubGlobal('window', new EventTarget());
    const isAsked = () => {
        const event = new Event('beforeunload', { cancelable: true });
        window.dispatchEvent(event);
        return event.defaultPrevented;
    };
    const gone = askBeforeLeaving();
    expect(isAsked()).toBe(false);
    useSending.setState({ pending: 1 });
    expect(isAsked()).toBe(true);
    gone();
    expect(isAsked()).toBe(false);
    vi.unstubAllGlobals();
});
