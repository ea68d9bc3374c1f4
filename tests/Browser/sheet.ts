import Library from 'exceljs';
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

/** Brings a small table in over the shelf, and keeps it as it is read. */
export async function bringIn(page: Page, name: string, content = 'Tree,Count\nOsier,3\nAlder,4\n'): Promise<void> {
    await page.goto('/');
    await expect(page.getByRole('heading', { name: /Workbooks/ })).toBeVisible();
    await drop(page, name, content);
    await page.getByRole('button', { name: 'Keep this table' }).click();
    await expect(page.getByRole('grid').getByRole('gridcell').first()).toBeVisible();
}

/** Opens a workbook by its own address: the way over the shelf is walked by the specs that are about it. */
export async function openBench(page: Page, workbook: string): Promise<void> {
    const { workbooks } = (await (await page.request.get('/api/shelf')).json()) as { workbooks: { id: number; name: string }[] };
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
export async function send(page: Page, name: string, args: object): Promise<void> {
    const status = await page.evaluate(
        async ({ act, args: given }) => {
            const workbook = /workbooks\/(\d+)/.exec(location.pathname)?.[1];
            const token = /XSRF-TOKEN=([^;]*)/.exec(document.cookie)?.[1] ?? '';
            const { revision } = (await (await fetch(`/api/workbooks/${workbook}`)).json()) as { revision: number };
            const answer = await fetch(`/api/workbooks/${workbook}/acts`, {
                method: 'POST',
                headers: {
                    'Content-Type': 'application/json',
                    Accept: 'application/json',
                    'X-XSRF-TOKEN': decodeURIComponent(token),
                },
                body: JSON.stringify({ act, revision, sheet: 1, arguments: given }),
            });
            return answer.status;
        },
        { act: name, args },
    );
    expect(status).toBe(200);
}

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
