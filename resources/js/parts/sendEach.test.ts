import { beforeEach, expect, test, vi } from 'vitest';
import { Refused } from '@/api/client';
import { offerAgain, tell } from './Messages';
import { sendEach } from './sendEach';

vi.mock('./Messages', () => ({ offerAgain: vi.fn(), tell: vi.fn() }));
beforeEach(() => vi.clearAllMocks());

const files = ['a.csv', 'b.csv', 'c.csv', 'd.csv'].map((name) => new File(['x'], name));

/** Sends all files to a server that answers with these states; what it took, and what was said to be on its way. */
async function sent(...states: number[]) {
    const taken: string[] = [];
    const sending: (string | null)[] = [];
    await sendEach(
        files,
        (file) => {
            const state = states.shift() ?? 200;
            if (state !== 200) return Promise.reject(new Refused(`It says ${state}.`, state, null));
            taken.push(file.name);
            return Promise.resolve();
        },
        (name) => sending.push(name),
    );
    return { taken, sending };
}

test('files go one after the other, and nothing is said of those that came in', async () => {
    const { taken, sending } = await sent();
    expect(taken).toEqual(['a.csv', 'b.csv', 'c.csv', 'd.csv']);
    expect(sending).toEqual(['a.csv', 'b.csv', 'c.csv', 'd.csv', null]);
    expect([vi.mocked(tell).mock.calls, vi.mocked(offerAgain).mock.calls]).toEqual([[], []]);
});

test('what the server was not there for is offered once more together, and what it refuses is not', async () => {
    const { taken, sending } = await sent(0, 422, 200, 500);
    expect(taken).toEqual(['c.csv']);
    expect(vi.mocked(tell).mock.calls.map(([fault]) => (fault as Error).message)).toEqual(['It says 422.']);
    const [[words, fault, again] = []] = vi.mocked(offerAgain).mock.calls;
    expect([words, (fault as Error).message]).toEqual(['a.csv, d.csv did not come in.', 'It says 500.']);
    again?.();
    await vi.waitFor(() => expect(taken).toEqual(['c.csv', 'a.csv', 'd.csv']));
    await vi.waitFor(() => expect(sending.slice(5)).toEqual(['a.csv', 'd.csv', null]));
    expect(vi.mocked(offerAgain).mock.calls).toHaveLength(1);
});
