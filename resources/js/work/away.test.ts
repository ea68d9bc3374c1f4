import { QueryClient, QueryObserver } from '@tanstack/react-query';
import { afterEach, beforeEach, expect, test, vi } from 'vitest';
import { Refused } from '@/api/client';
import { newest } from '@/api/newest';
import { askAgain, useAway } from './away';

const refused = (status: number) => new Refused(`status ${status}`, status, null);

let client: QueryClient;
let leave: () => void;

/** Something in sight, of which the server answers each question with the next of some statuses, and with "read" at the end. */
function insight(key: string, ...statuses: number[]) {
    let calls = 0;
    const queryFn = () => {
        const status = statuses[calls++];
        return status === undefined ? Promise.resolve('read') : Promise.reject(refused(status));
    };
    const observer = new QueryObserver(client, { queryKey: [key], queryFn, retry: false });
    return { observer, gone: observer.subscribe(() => undefined), count: () => calls };
}

beforeEach(() => {
    vi.useFakeTimers();
    client = new QueryClient();
    leave = askAgain(client);
    useAway.setState({ away: false });
});

afterEach(() => {
    leave();
    client.clear();
    vi.useRealTimers();
});

const after = (ms: number) => vi.advanceTimersByTimeAsync(ms);

test('what is in sight and could not be read is asked for again, less and less often, until it comes', async () => {
    const cells = insight('cells', 0, 503, 500, 0, 0, 0);
    await after(0);
    expect([cells.count(), useAway.getState().away]).toEqual([1, true]);
    // Twice as long each time, and never longer than fifteen seconds.
    for (const [pause, calls] of [
        [999, 1],
        [1, 2],
        [1_999, 2],
        [1, 3],
        [4_000, 4],
        [8_000, 5],
        [14_999, 5],
        [1, 6],
        [15_000, 7],
    ] as const) {
        await after(pause);
        expect(cells.count()).toBe(calls);
    }
    expect(cells.observer.getCurrentResult().data).toBe('read');
    expect(useAway.getState().away).toBe(false);
    // The next time it begins soon again.
    const others = insight('others', 0);
    await after(0);
    await after(1_000);
    expect([others.count(), others.observer.getCurrentResult().data, useAway.getState().away]).toEqual([2, 'read', false]);
});

test('what the server refuses is not asked for again, nor what is out of sight', async () => {
    const wrong = insight('wrong', 404);
    await after(60_000);
    expect([wrong.count(), useAway.getState().away]).toEqual([1, false]);
    const cells = insight('cells', 0, 0);
    await after(0);
    expect(useAway.getState().away).toBe(true);
    cells.gone();
    await after(60_000);
    expect([cells.count(), wrong.count(), useAway.getState().away]).toEqual([1, 1, false]);
});

test('several are asked for together, and what came is not asked for once more', async () => {
    const soon = insight('soon', 0);
    const late = insight('late', 0, 0);
    await after(0);
    await after(1_000);
    expect([soon.count(), late.count(), useAway.getState().away]).toEqual([2, 2, true]);
    await after(2_000);
    expect([soon.count(), late.count(), useAway.getState().away]).toEqual([2, 3, false]);
});

test('what a person asks for again meanwhile ends the waiting', async () => {
    const cells = insight('cells', 0, 0);
    await after(0);
    await after(1_000);
    expect([cells.count(), useAway.getState().away]).toEqual([2, true]);
    await after(500);
    await cells.observer.refetch();
    expect(useAway.getState().away).toBe(false);
    await after(60_000);
    expect(cells.count()).toBe(3);
    // The next one is asked for soon.
    const others = insight('others', 0);
    await after(0);
    await after(1_000);
    expect(others.count()).toBe(2);
});

test('nothing is asked for after the end', async () => {
    const cells = insight('cells', 0);
    await after(0);
    leave();
    await after(60_000);
    expect(cells.count()).toBe(1);
});

test('the newest of what was read under the beginning of a key is found', async () => {
    expect(newest(client, ['window', 1])).toBeUndefined();
    client.setQueryData(['window', 1, 'A1', 'older'], 'older');
    await after(5);
    client.setQueryData(['window', 1, 'A1', 'newer'], 'newer');
    client.setQueryData(['window', 2, 'A1', 'newer'], 'another');
    await client
        .fetchQuery({ queryKey: ['window', 1, 'A1', 'gone'], queryFn: () => Promise.reject(refused(0)), retry: false })
        .catch(() => null);
    expect(newest(client, ['window', 1, 'A1'])).toBe('newer');
});
