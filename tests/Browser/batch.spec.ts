import { readFileSync } from 'node:fs';
import { expect, test, type Page } from '@playwright/test';
import { accessible } from './accessible';
import { bringIn, select } from './sheet';

/** The orders of a month, each month with more of them, and other customers. */
function month(number: number): string {
    const customers = ['Wick Farm', 'Brook Cottage', 'Tolland School'];
    const rows = ['Order,Customer,Count,Worth'];
    const two = (part: number) => String(part).padStart(2, '0');
    for (let at = 1; at <= 8 + number; at++) {
        const worth = (((at * 17) % 23) + 0.5).toFixed(2);
        rows.push(`A${two(number)}${two(at)},${customers[(at + number) % 3]},${((at * 7) % 13) + 1},${worth}`);
    }
    return `${rows.join('\n')}\n`;
}

const csv = (name: string, text: string) => ({ name, mimeType: 'text/csv', buffer: Buffer.from(text) });

/** Does something by its name. */
async function find(page: Page, words: string): Promise<void> {
    await page.keyboard.press('Control+k');
    await page.getByRole('combobox').fill(words);
    await page.keyboard.press('Enter');
}

const cell = (page: Page, name: string) => page.getByRole('gridcell', { name, exact: true });

test('what was done to one month is done to twelve: kept from the history, planned, run, reported, downloaded', async ({
    page,
}) => {
    await bringIn(page, 'First month.csv', month(1));
    await page.getByRole('button', { name: /^Long list/ }).click();
    await expect(page.getByRole('button', { name: 'Undo: Dressed in Long list' })).toBeVisible();
    await find(page, 'Sort by Worth, greatest first');
    await expect(page.getByRole('button', { name: /^Undo: Data: sorted/ })).toBeVisible();
    await select(page, 'D2:D10');
    await page.keyboard.press('Control+b');
    await expect(page.getByRole('button', { name: /^Undo: .*D2:D10/ })).toBeVisible();
    await select(page, 'C3');
    await page.keyboard.press('Control+i');
    await expect(page.getByRole('button', { name: /^Undo: .*C3/ })).toBeVisible();
    await page.getByRole('button', { name: 'History' }).click();
    await page.getByRole('button', { name: 'Keep steps as a routine…' }).click();
    const dialog = page.getByRole('dialog', { name: 'Keep steps as a routine' });
    await expect(dialog.getByRole('listitem')).toHaveText([
        /Dress in Long list/,
        /Sort by Worth, greatest first/,
        /Body of Worth: Bold/,
        /Body of Count: Italic.*You chose C3/,
    ]);
    await accessible(page);
    // What spoke of an address is confirmed before it is kept.
    await expect(dialog.getByRole('button', { name: 'Keep the routine' })).toBeDisabled();
    await dialog.getByLabel('Where step 4 is done').selectOption({ label: 'Body of Count, every sheet' });
    await dialog.getByRole('textbox', { name: 'Name' }).fill('Each month');
    await dialog.getByRole('button', { name: 'Keep the routine' }).click();
    await expect(page.getByText('The routine Each month stands on the shelf.')).toBeVisible();

    await page.goto('/');
    await page.getByRole('button', { name: 'New batch' }).click();
    const files = Array.from({ length: 12 }, (_, at) => csv(`2026-${String(at + 1).padStart(2, '0')}.csv`, month(at + 1)));
    await page.getByLabel('Files for the batch').setInputFiles([...files, csv('broken.xlsx', 'PK nothing')]);
    await expect(page.getByRole('heading', { name: '13 files' })).toBeVisible();
    await page.getByLabel('Routine or stylebook').selectOption({ label: 'Each month' });
    await expect(page.getByRole('list', { name: 'Steps' }).getByRole('listitem')).toHaveCount(4);
    const list = page.getByRole('list', { name: 'Files of the batch' });
    await expect(list.getByText('ready', { exact: true })).toHaveCount(13);
    await expect(list).toContainText('2026-12: A1:D21, read 96 %, 20 rows');
    await accessible(page);
    await page.getByRole('button', { name: 'Run 13 files' }).click();
    await expect(page.getByRole('status').filter({ hasText: '12 done, 1 not done' })).toBeVisible();
    await list.getByRole('button', { name: /^broken\.xlsx/ }).click();
    await expect(page.getByRole('region', { name: 'Report of broken.xlsx' })).toContainText('Not done:');
    await list.getByRole('button', { name: /^2026-12\.csv/ }).click();
    // Its report takes room from the list; the file that it is about stays in sight.
    await expect(list.getByRole('button', { name: /^2026-12\.csv/ })).toBeInViewport({ ratio: 1 });
    const report = page.getByRole('region', { name: 'Report of 2026-12.csv' });
    await expect(report).toContainText('84 cells compared, 0 values and 0 formulas changed');
    await expect(report).toContainText('The files of the batch are of one mind.');
    const download = page.waitForEvent('download');
    await page.getByRole('link', { name: 'Download all' }).click();
    const zip = readFileSync(await (await download).path());
    expect(zip.subarray(0, 2).toString()).toBe('PK');
    for (const name of ['2026-01.xlsx', '2026-12.xlsx', 'Report.html']) expect(zip.includes(Buffer.from(name))).toBe(true);
    // The broken one is mended by leaving it out; nothing is left to run then.
    await page.getByRole('button', { name: 'Leave broken.xlsx out' }).click();
    await expect(page.getByRole('button', { name: 'All are done' })).toBeDisabled();
    await page.setViewportSize({ width: 1024, height: 700 });
    expect(await page.evaluate(() => document.documentElement.scrollWidth <= window.innerWidth)).toBe(true);
});

test('by key: a routine is tried on another workbook, what does not find its place is named, and one undo takes it back', async ({
    page,
}) => {
    const steps = [
        { do: 'dress', with: { stylebook: 'Plain rule' } },
        { do: 'format', at: { part: 'body', headings: ['Count'] }, with: { look: { bold: true } } },
        { do: 'format', at: { part: 'body', headings: ['Shelf'] }, with: { look: { bold: true } } },
    ];
    await page.goto('/');
    await page.getByLabel('Routine to bring in').setInputFiles({
        name: 'r.json',
        mimeType: 'application/json',
        buffer: Buffer.from(JSON.stringify({ rilvet: 'routine 1', name: 'By key', steps })),
    });
    await expect(page.getByText('The routine By key stands on the shelf.')).toBeVisible();
    await bringIn(page, 'Replayed.csv', month(2));
    await find(page, 'Do a routine to this workbook');
    const dialog = page.getByRole('dialog', { name: 'Do a routine to this workbook' });
    await dialog.getByLabel('Routine').selectOption({ label: 'By key, 3 steps' });
    await expect(dialog.getByRole('status')).toHaveText('2 steps would be done, 1 not.');
    await expect(dialog).toContainText('There is no column "Shelf" on "Replayed".');
    await accessible(page);
    await dialog.getByRole('button', { name: 'Do it' }).press('Enter');
    await expect(page.getByRole('button', { name: 'Undo: Routine By key, 1 step not done' })).toBeVisible();
    await page.keyboard.press('Control+z');
    await expect(page.getByRole('button', { name: 'Undo', exact: true })).toBeDisabled();
});

test('next month is brought into last month: only what changed is new, and nothing is lost when the server fails', async ({
    page,
}) => {
    await bringIn(page, 'Orders.csv', month(3));
    await page.getByRole('button', { name: /^River ledger/ }).click();
    await expect(page.getByRole('button', { name: 'Undo: Dressed in River ledger' })).toBeVisible();
    await select(page, 'B5');
    await page.keyboard.press('Control+i');
    await expect(page.getByRole('button', { name: /^Undo: .*B5/ })).toBeVisible();
    const lines = month(3).trim().split('\n');
    lines.splice(3, 1);
    lines[1] = (lines[1] ?? '').replace(/[^,]+$/, '777.50');
    lines.push('A0399,Abbey Wood,5,12.25');
    await page.getByRole('button', { name: /^Menu of the table/ }).click();
    await page.getByRole('menuitem', { name: 'Bring newer data in…' }).click();
    const dialog = page.getByRole('dialog', { name: /^Bring newer data into/ });
    let away = true;
    await page.route('**/api/imports', (route) => (away ? route.abort('connectionrefused') : route.continue()));
    await dialog.getByLabel('File with the newer data').setInputFiles(csv('Next.csv', `${lines.join('\n')}\n`));
    await expect(dialog.getByRole('alert')).toContainText('The server does not answer.');
    away = false;
    await dialog.getByRole('button', { name: 'Try again' }).click();
    await expect(dialog.getByText('1 new row, 1 row gone, 1 row changed.')).toBeVisible();
    await expect(dialog.getByLabel('What tells rows apart')).toHaveValue('found');
    await expect(dialog.getByRole('region', { name: 'Rows that are changed' })).toContainText('A0301Worth');
    await expect(dialog.getByRole('region', { name: 'Rows that are changed' })).toContainText('777.50');
    await dialog.getByRole('button', { name: '1 gone' }).click();
    await expect(dialog.getByRole('region', { name: 'Rows that are gone' })).toContainText('A0303');
    await accessible(page);
    // The server fails at this once, after the work was done: the answer gets lost, and the step is not done twice.
    let lost = 0;
    await page.route('**/acts', async (route) => {
        if (lost++ > 0) return route.continue();
        await route.fetch();
        return route.abort('connectionreset');
    });
    await dialog.getByRole('button', { name: 'Bring it in' }).click();
    await expect(page.getByRole('button', { name: /^Undo: Data: 1 new row, 1 row gone, 1 row changed/ })).toBeVisible();
    await expect(cell(page, '777.50')).toBeVisible();
    await expect(cell(page, 'Abbey Wood')).toBeVisible();
    // The touch went along with its row, one up.
    await select(page, 'B4');
    await expect(page.getByRole('button', { name: 'Italic' })).toHaveAttribute('aria-pressed', 'true');
    await page.keyboard.press('Control+z');
    await expect(cell(page, 'Abbey Wood')).toHaveCount(0);
});

test('a summary keeps its looks through data that adds a category', async ({ page }) => {
    await bringIn(page, 'Sums.csv', month(4));
    await page.getByRole('button', { name: /^River ledger/ }).click();
    await expect(page.getByRole('button', { name: 'Undo: Dressed in River ledger' })).toBeVisible();
    await find(page, 'Sum up this table');
    const dialog = page.getByRole('dialog', { name: /^Sum up the table/ });
    await expect(dialog.getByRole('region', { name: 'First rows of the summary' })).toContainText('Wick Farm');
    await dialog.getByRole('button', { name: 'another figure' }).click();
    await expect(dialog.getByRole('region', { name: 'First rows of the summary' })).toContainText('Rows');
    await accessible(page);
    await dialog.getByRole('button', { name: 'Make the sheet' }).click();
    await page.getByRole('navigation', { name: 'Outline' }).getByRole('button', { name: 'Summary of Sums' }).first().click();
    await expect(cell(page, 'Wick Farm')).toBeVisible();
    await select(page, 'A6');
    await page.keyboard.press('Control+i');
    await expect(page.getByRole('button', { name: /^Undo: .*A6/ })).toBeVisible();
    await page.getByRole('navigation', { name: 'Outline' }).getByRole('button', { name: 'Sums', exact: true }).first().click();
    await expect(cell(page, 'A0401')).toBeVisible();
    await page.getByRole('button', { name: /^Menu of the table/ }).click();
    await page.getByRole('menuitem', { name: 'Bring newer data in…' }).click();
    await page.getByLabel('File with the newer data').setInputFiles(csv('More.csv', `${month(4)}A0499,Abbey Wood,5,12.25\n`));
    await page.getByRole('button', { name: 'Bring it in' }).click();
    await expect(page.getByRole('button', { name: /^Undo: Data: 1 new row/ })).toBeVisible();
    await page.getByRole('navigation', { name: 'Outline' }).getByRole('button', { name: 'Summary of Sums' }).first().click();
    await page.getByRole('button', { name: 'Make it anew' }).click();
    await expect(cell(page, 'Abbey Wood')).toBeVisible();
    await select(page, 'A7');
    await expect(page.getByRole('button', { name: 'Italic' })).toHaveAttribute('aria-pressed', 'true');
    await select(page, 'A6');
    await expect(page.getByRole('button', { name: 'Italic' })).toHaveAttribute('aria-pressed', 'false');
    await expect(page.getByRole('navigation', { name: 'Outline' })).toContainText('Total');
});
