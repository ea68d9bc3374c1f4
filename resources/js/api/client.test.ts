import { afterEach, beforeEach, expect, test, vi } from 'vitest';
import { api, Refused } from './client';

/** A server that answers with these states, one after another, and then with an empty list; and what it was asked for. */
function server(...states: number[]) {
    const asked: string[] = [];
    vi.stubGlobal('fetch', (path: string, { method, headers }: { method: string; headers: Record<string, string> }) => {
        asked.push(`${method} ${path} ${headers['X-XSRF-TOKEN'] ?? '-'}`);
        if (path === '/api/token') document.cookie = 'XSRF-TOKEN=new%3D';
        return Promise.resolve(
            new Response('{"message":"said"}', { status: path === '/api/token' ? 200 : (states.shift() ?? 200) }),
        );
    });
    return asked;
}

beforeEach(() => vi.stubGlobal('document', { cookie: 'other=1; XSRF-TOKEN=old%3D' }));
afterEach(() => vi.unstubAllGlobals());

test('what changes something carries the token of the page, what looks carries none', async () => {
    const asked = server();
    await api.removeRoutine(3);
    await api.shelf();
    expect(asked).toEqual(['DELETE /api/routines/3 old=', 'GET /api/shelf -']);
});

test('with a token that has run out a new one is fetched, and what was asked for is asked for again, once', async () => {
    const asked = server(419);
    await api.removeRoutine(3);
    expect(asked).toEqual(['DELETE /api/routines/3 old=', 'GET /api/token -', 'DELETE /api/routines/3 new=']);
    server(419, 419);
    await expect(api.removeRoutine(3)).rejects.toThrow(Refused);
});

test('what the server refuses is said in its words, and a server that is not there in ours', async () => {
    server(422);
    await expect(api.shelf()).rejects.toMatchObject({ message: 'said', status: 422 });
    vi.stubGlobal('fetch', () => Promise.reject(new TypeError('no way')));
    await expect(api.shelf()).rejects.toMatchObject({ status: 0 });
});
