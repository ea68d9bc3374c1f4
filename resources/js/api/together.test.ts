import { afterEach, beforeEach, expect, test, vi } from 'vitest';
import { Refused } from './calling';
import { look } from './together';

type Answer = { at: number; status: number; body: unknown };

/** A server that says of each look which one it was, in the order that it is asked in; and what it was asked for. */
function server(answers: (reads: string[]) => Answer[] = (reads) => reads.map((body, at) => ({ at, status: 200, body }))) {
    const asked: string[][] = [];
    vi.stubGlobal('fetch', (path: string, { signal }: { signal?: AbortSignal }) => {
        const url = new URL(path, 'http://here');
        const reads = url.searchParams.getAll('read[]');
        asked.push(reads.length > 0 ? reads : [url.pathname.slice('/api/workbooks/'.length) + url.search]);
        if (signal?.aborted) return Promise.reject(signal.reason as Error);
        const text = answers(reads).map((each) => JSON.stringify(each) + '\n');
        return Promise.resolve(new Response(reads.length > 0 ? text.join('') : '"alone"', { status: 200 }));
    });
    return asked;
}

beforeEach(() => vi.stubGlobal('document', { cookie: '' }));
afterEach(() => vi.unstubAllGlobals());

test('what is looked at in one moment goes in one request, what a person waits for first', async () => {
    const asked = server();
    const answers = await Promise.all([
        look(7, 'conditions?sheet=1'),
        look(7, 'sheets/1/figures?ranges=A1'),
        look(7, 'sheets/1/window?top=1'),
        look(7, 'sheets/1/inspection?row=1'),
    ]);
    expect(asked).toEqual([
        ['sheets/1/window?top=1', 'sheets/1/inspection?row=1', 'sheets/1/figures?ranges=A1', 'conditions?sheet=1'],
    ]);
    // Each gets its own answer, whatever the order was.
    expect(answers).toEqual([
        'conditions?sheet=1',
        'sheets/1/figures?ranges=A1',
        'sheets/1/window?top=1',
        'sheets/1/inspection?row=1',
    ]);
    expect(await look(7, 'sheets/1/guard')).toBe('alone');
    expect(asked[1]).toEqual(['7/sheets/1/guard']);
    await Promise.all([look(7, 'sheets/1/cut', undefined, 'slow'), look(7, 'sheets/1/number?alike=1', undefined, 'slow')]);
    expect(asked[2]).toEqual(['sheets/1/number?alike=1', 'sheets/1/cut']);
});

test('workbooks, what takes long, and long addresses go by themselves, and no request is too large', async () => {
    const asked = server();
    const long = `sheets/1/figures?ranges=${'A1,'.repeat(300)}`;
    await Promise.all([
        look(1, 'sheets/1/guard'),
        look(2, 'sheets/1/guard'),
        look(1, 'sheets/1/cut', undefined, 'slow'),
        look(1, long),
        look(2, long),
        ...Array.from({ length: 41 }, (_, at) => look(3, `sheets/${at}/guard`)),
    ]);
    expect(asked.map((each) => each.length)).toEqual([1, 1, 1, 1, 1, 40, 1]);
    expect(asked.filter(([path]) => path?.includes('A1,A1')).map(([path]) => path?.charAt(0))).toEqual(['1', '2']);
});

test('one that is refused is refused in its words, and the others are answered', async () => {
    server((reads) =>
        reads.map((body, at) => (at === 0 ? { at, status: 422, body: { message: 'No.' } } : { at, status: 200, body })),
    );
    const [one, other] = await Promise.allSettled([look(1, 'sheets/9/window'), look(1, 'sheets/1/guard')]);
    expect(one).toMatchObject({ status: 'rejected', reason: { message: 'No.', status: 422 } });
    expect(other).toMatchObject({ status: 'fulfilled', value: 'sheets/1/guard' });
});

test('an answer that ends in the middle leaves what came; the one it ended at is not answered, the others are asked again', async () => {
    const asked = server((reads) =>
        reads.slice(0, reads.includes('sheets/1/inspection') ? 1 : 9).map((body, at) => ({ at, status: 200, body })),
    );
    const all = ['window', 'inspection', 'figures', 'guard'].map((each) => look(1, `sheets/1/${each}`));
    const [one, two, ...others] = await Promise.allSettled(all);
    expect(one).toMatchObject({ status: 'fulfilled', value: 'sheets/1/window' });
    expect(two).toMatchObject({ status: 'rejected', reason: { status: 0 } });
    expect(others).toMatchObject([{ value: 'sheets/1/figures' }, { value: 'sheets/1/guard' }]);
    expect(asked[1]).toEqual(['sheets/1/figures', 'sheets/1/guard']);
    vi.stubGlobal('fetch', () => Promise.resolve(new Response('{"message":"Busy."}', { status: 503 })));
    for (const each of await Promise.allSettled([look(1, 'sheets/1/window'), look(1, 'sheets/1/guard')])) {
        expect(each).toMatchObject({ status: 'rejected', reason: { status: 503, message: 'Busy.' } });
        expect(each.status === 'rejected' && each.reason).toBeInstanceOf(Refused);
    }
});

test('what is no longer wanted is not waited for, and with nobody left the request is taken back', async () => {
    let taken: AbortSignal | undefined;
    vi.stubGlobal(
        'fetch',
        (_: string, { signal }: { signal?: AbortSignal }) =>
            new Promise((__, reject) => {
                taken = signal;
                signal?.addEventListener('abort', () => reject(signal.reason as Error));
            }),
    );
    const [first, second, early] = [new AbortController(), new AbortController(), new AbortController()];
    early.abort();
    const all = [
        look(1, 'sheets/1/window', first.signal),
        look(1, 'sheets/1/guard', second.signal),
        look(1, 'sheets/1/figures', early.signal),
    ].map((each) => each.catch((fault: Error) => fault.name));
    expect(await all[2]).toBe('AbortError');
    first.abort();
    expect(await all[0]).toBe('AbortError');
    expect(taken?.aborted).toBe(false);
    second.abort();
    expect(await all[1]).toBe('AbortError');
    expect(taken?.aborted).toBe(true);
    // Without anybody from the beginning nothing is sent.
    const asked = server();
    await look(1, 'sheets/1/guard', early.signal).catch(() => null);
    expect(asked).toEqual([]);
});
