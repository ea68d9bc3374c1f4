import Library from 'exceljs';
import { readFileSync } from 'node:fs';
import { basename } from 'node:path';
import { expect, type Locator, type Page, type Request } from '@playwright/test';

/** Drops a file on the page, as a person drags one in from a folder. */
export async function drop(page: Page, name: string, content: string): Promise<void> {
    const transfer = await page.evaluateHandle(
        ({ name: file, content: text }) => {
            const data = new DataTransfer();
            data.items.add(new File([text], file));
            return data;
        },
        { name, content },
    );
    await page.getByRole('main').dispatchEvent('drop', { dataTransfer: transfer });
}

/** Asks the server beside the page, as another hand would: in the session of the page, and by none of the routes laid for it. */
async function ask<T>(page: Page, path: string, body?: { data?: object; multipart?: Files }): Promise<T> {
    const url = `${page.url().startsWith('http') ? new URL(page.url()).origin : ''}/api/${path}`;
    if (!body) return (await (await page.request.get(url)).json()) as T;
    const token = async () => (await page.context().cookies()).find(({ name }) => name === 'XSRF-TOKEN')?.value;
    if (!(await token())) await page.request.get(url.replace(path, 'token'));
    const headers = { Accept: 'application/json', 'X-XSRF-TOKEN': decodeURIComponent((await token()) ?? '') };
    const answer = await page.request.post(url, { ...body, headers });
    expect(answer.ok(), await answer.text()).toBe(true);
    return (await answer.json()) as T;
}

type Files = Record<string, { name: string; mimeType: string; buffer: Buffer }>;

/** A workbook comes in beside the page, a table as it is read, and acts are done to it before it is seen; its number. */
export async function comeIn(page: Page, name: string, content: string | Buffer, ...acts: [string, object][]): Promise<number> {
    const file = { name, mimeType: 'application/octet-stream', buffer: Buffer.from(content as string) };
    const incoming = await ask<{ id: string; status: string; workbook: number }>(page, 'imports', { multipart: { file } });
    const kept =
        incoming.status === 'proposed' ? await ask<typeof incoming>(page, `imports/${incoming.id}/keep`, { data: {} }) : incoming;
    expect(kept.status).toBe('done');
    for (const [act, args] of acts) await send(page, act, args, kept.workbook);
    return kept.workbook;
}

/** Opens a workbook that comes in so. The way over the shelf is walked by the specs that are about it. */
export async function bringIn(
    page: Page,
    name: string,
    content: string | Buffer = 'Tree,Count\nOsier,3\nAlder,4\n',
    ...acts: [string, object][]
): Promise<void> {
    await page.goto(`/workbooks/${await comeIn(page, name, content, ...acts)}`);
    await expect(page.getByRole('grid').getByRole('gridcell').first()).toBeVisible();
}

/** The same of a file that a test has written. */
export const pick = (page: Page, path: string): Promise<void> => bringIn(page, basename(path), readFileSync(path));

/** Files that a test has written stand on the shelf, none of them opened. */
export async function shelve(page: Page, ...paths: string[]): Promise<void> {
    for (const path of paths) await comeIn(page, basename(path), readFileSync(path));
}

/** Opens a workbook by its own address: the way over the shelf is walked by the specs that are about it. */
export async function openBench(page: Page, workbook: string): Promise<void> {
    const { workbooks } = await ask<{ workbooks: { id: number; name: string }[] }>(page, 'shelf');
    const found = workbooks.find(({ name }) => new RegExp(workbook).test(name));
    expect(found, `a workbook called ${workbook}`).toBeDefined();
    await page.goto(`/workbooks/${found?.id}`);
    await expect(page.getByRole('gridcell').first()).toBeVisible();
}

export const cell = (page: Page, text: string): Locator =>
    page.getByRole('gridcell').filter({ hasText: new RegExp(`^${text.replace(/[.*+?^${}()|[\]\\]/g, '\\$&')}$`) });

export const undo = (page: Page, words: string | RegExp): Locator =>
    page.getByRole('button', {
        name:
            typeof words === 'string' ? `Undo: ${words}` : new RegExp(`^Undo: .*${words.source.replace(/^\^/, '')}`, words.flags),
    });

export const head = (page: Page, letter: string): Locator => page.getByRole('columnheader', { name: letter, exact: true });

export const widthOf = async (page: Page, letter: string): Promise<number> =>
    Math.round((await head(page, letter).boundingBox())?.width ?? 0);

export async function select(page: Page, ranges: string): Promise<void> {
    const address = page.getByLabel('Address of the selection');
    await address.fill(ranges);
    await address.press('Enter');
    await expect(address).toHaveValue(ranges);
}

export async function act(page: Page, words: string): Promise<void> {
    await page.keyboard.press('Control+k');
    await page.getByRole('combobox', { name: 'Find an action' }).fill(words);
    await page.keyboard.press('Enter');
}

/** What of a workbook a request is about: several looks may go together in one. */
export function looks(request: Request): string[] {
    const { pathname, searchParams } = new URL(request.url());
    const together = searchParams.getAll('read[]');
    const addresses = together.length > 0 ? together : [/\/api\/workbooks\/\d+\/(.*)/.exec(pathname)?.[1] ?? ''];
    return addresses.filter(Boolean).map((address) => address.replace(/\?.*/, ''));
}

/** Does an act beside the page, as another hand would, or for a state that the test begins from. */
export async function send(page: Page, act: string, args: object, workbook = workbookOf(page)): Promise<void> {
    const { revision } = await ask<{ revision: number }>(page, `workbooks/${workbook}`);
    await ask(page, `workbooks/${workbook}/acts`, { data: { act, revision, sheet: 1, arguments: args } });
}

const workbookOf = (page: Page) => Number(/workbooks\/(\d+)/.exec(page.url())?.[1]);

/** Writes the xlsx as a person does, and reads it with an independent library. */
export async function handOver(page: Page): Promise<Library.Workbook> {
    await page.keyboard.press('Control+s');
    await page.getByRole('button', { name: 'Write the file' }).click();
    const download = page.waitForEvent('download');
    await page.getByRole('link', { name: 'Download the xlsx' }).click();
    const book = new Library.Workbook();
    await book.xlsx.readFile(await (await download).path());
    await page.getByRole('button', { name: 'Close' }).click();
    return book;
}
