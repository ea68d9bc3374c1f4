import { beforeEach, expect, test, vi } from 'vitest';
import { api } from './client';
import { nameOfFile, newName } from './names';

/** Names that requests were sent under. */
const sent: (string | undefined)[] = [];
beforeEach(() => {
    sent.length = 0;
    vi.stubGlobal('document', { cookie: '' });
    vi.stubGlobal('fetch', (_: string, { headers }: { headers: Record<string, string> }) => {
        sent.push(headers['X-Step']);
        return Promise.resolve(new Response('{}'));
    });
});

/** What the server takes for a name: app/Bench/Step.php. */
const NAME = /^[\w-]{8,64}$/;

test('a file goes by one name as often as it is sent, and the same file chosen anew by another one', async () => {
    const [file, anew] = [new File(['x'], 'Weir.csv'), new File(['x'], 'Weir.csv')];
    for (const each of [file, file, anew]) await api.upload(each);
    expect(new Set(sent).size).toBe(2);
    expect(sent[0]).toBe(sent[1]);
    for (const name of sent) expect(name).toMatch(NAME);
});

test('as newer data of a workbook, and in a batch, it is something else than on the shelf', async () => {
    const file = new File(['x'], 'Weir.csv');
    await api.upload(file);
    await api.upload(file, 7);
    await api.upload(file, 71);
    await api.addToBatch('b', file);
    expect(new Set(sent).size).toBe(4);
    expect(sent[3]).toBe(nameOfFile(file));
});

test('what is pasted goes by the name that it was given', async () => {
    const name = newName();
    await api.paste(name, 'a\tb', '');
    expect(sent).toEqual([name]);
    expect(new Set(Array.from({ length: 1_000 }, newName)).size).toBe(1_000);
});
