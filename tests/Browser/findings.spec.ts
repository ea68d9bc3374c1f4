import { readFileSync } from 'node:fs';
import { resolve } from 'node:path';
import Library from 'exceljs';
import { expect, test, type Page } from '@playwright/test';
import { accessible } from './accessible';
import { bringIn, comeIn, handOver } from './sheet';

const demo = (name: string) =>
    readFileSync(resolve(`storage/framework/testing/browser-${process.env.RILVET_HALF ?? 1}/demo/${name}`));

const count = (page: Page) => page.getByRole('region', { name: 'Findings' }).getByRole('heading', { level: 2 });

/** Values of a workbook as an independent library reads them. */
async function values(book: Library.Workbook): Promise<Record<string, unknown>> {
    const all: Record<string, unknown> = {};
    for (const sheet of book.worksheets)
        sheet.eachRow((row) =>
            row.eachCell((cell) => {
                all[`${sheet.name}!${cell.address}`] = cell.formula ? `=${cell.formula}` : cell.value;
            }),
        );
    return all;
}

test('by key alone: faults are gone through, mended without a value changed, left with a reason, reported and seen side by side', async ({
    page,
}) => {
    const bytes = demo('Hollin Lane site.xlsx');
    const before = new Library.Workbook();
    await before.xlsx.load(new Uint8Array(bytes).buffer);
    await bringIn(page, 'Faults of Hollin.xlsx', bytes);
    // The number stands in the switch by itself, a little after the sheet is there.
    const way = page.getByRole('navigation', { name: 'Views' }).getByRole('button', { name: /Findings/ });
    await expect(way).toContainText('14');
    await way.focus();
    await page.keyboard.press('Enter');
    await expect(count(page)).toHaveText('14 findings on 2 sheets');
    await accessible(page);
    const list = page.getByRole('group', { name: /Arrows go through/ });
    const cards = page.getByRole('region', { name: 'Findings' }).getByRole('listitem');
    await list.focus();
    // Each says why it matters when it is gone to.
    for (let at = 0; at < 14; at++) {
        const chosen = cards.filter({ has: page.locator('[aria-current=true]') });
        await expect(chosen).toContainText(/\..*\./);
        await page.keyboard.press('ArrowDown');
    }
    await page.getByRole('button', { name: 'Mend all 9' }).focus();
    await page.keyboard.press('Enter');
    await expect(count(page)).toHaveText('4 findings on 2 sheets');
    await expect(page.getByRole('button', { name: /^Undo: Mended 9 findings/ })).toBeVisible();
    const mended = await values(await handOver(page));
    expect(mended).toEqual(await values(before));
    // What changes values says so, and does it only when it is asked to.
    const first = cards.first();
    await expect(first).toContainText('changes 2 values');
    await list.focus();
    await page.keyboard.press('ArrowUp');
    await page.keyboard.press('ArrowUp');
    await page.keyboard.press('ArrowUp');
    await page.keyboard.press('ArrowUp');
    await page.keyboard.press('Enter');
    await expect(count(page)).toHaveText('3 findings on 2 sheets');
    await expect(page.getByRole('button', { name: /^Undo: Data: mended: number as text, Beds/ })).toBeVisible();
    // A day that can be read in two ways stays as it is, with the reason.
    const day = cards.filter({ hasText: 'Dates stored as texts' });
    while ((await day.locator('[aria-current=true]').count()) === 0) await page.keyboard.press('ArrowDown');
    await page.keyboard.press('l');
    // Thought better of, the focus is at what would ask for the reason.
    await expect(page.getByLabel('Why it is left')).toBeFocused();
    await page.keyboard.press('Escape');
    await expect(day.getByRole('button', { name: 'Leave it…' })).toBeFocused();
    await list.focus();
    await page.keyboard.press('l');
    await page.getByLabel('Why it is left').fill('the foreman writes it so');
    await page.keyboard.press('Enter');
    await expect(count(page)).toHaveText('2 findings on 2 sheets');
    await expect(page.getByRole('status').filter({ hasText: '1 left with a reason' })).toBeVisible();
    // The report tells what is open and what was left.
    await page.getByRole('button', { name: 'Report' }).focus();
    await page.keyboard.press('Enter');
    const download = page.waitForEvent('download');
    await page.keyboard.press('Enter');
    const report = readFileSync(await (await download).path(), 'utf8');
    expect(report).toContain('Left: the foreman writes it so');
    expect(report).toContain('Percents a hundred times too great');
    // Before and after, beside each other.
    await page.getByRole('navigation', { name: 'Views' }).getByRole('button', { name: 'Side by side' }).focus();
    await page.keyboard.press('Enter');
    const differs = page.getByRole('region', { name: 'What differs' });
    await expect(differs).toContainText('2 values differ');
    await page.getByLabel('Right: sheet').selectOption('Stock list');
    await page.getByLabel('Left: sheet').selectOption('Stock list');
    await expect(page.getByRole('region', { name: 'Left sheet' })).toContainText('£2.47');
    await expect(page.getByRole('region', { name: 'Right sheet' })).toContainText('£2.47');
    await expect(differs).toContainText('0 values differ');
    await expect(differs.getByRole('listitem').filter({ hasText: 'Number, Body' })).toBeVisible();
    await accessible(page);
});

test('by mouse: a mend is seen before it is done, and taken back; what is left is looked for again', async ({ page }) => {
    await bringIn(page, 'Mouse of Hollin.xlsx', demo('Hollin Lane site.xlsx'));
    await page
        .getByRole('navigation', { name: 'Views' })
        .getByRole('button', { name: /Findings/ })
        .click();
    await expect(count(page)).toHaveText('14 findings on 2 sheets');
    const cards = page.getByRole('region', { name: 'Findings' }).getByRole('listitem');
    const formats = cards.filter({ hasText: '"Sown" shows' });
    await formats.getByRole('button', { name: /^Mend: Mixed formats/ }).hover();
    await expect(page.getByText('Trying on the mended sheet, not kept')).toBeVisible();
    const grid = page.getByRole('grid');
    await expect(grid.getByText('23.10.2023')).toBeVisible();
    await page.getByRole('region', { name: 'The place' }).getByText('the place of the finding').hover();
    await expect(grid.getByText('23/10/23')).toBeVisible();
    await formats.getByRole('button', { name: /^Mend: Mixed formats/ }).click();
    await expect(formats).toHaveCount(0);
    await expect(count(page)).toHaveText('13 findings on 2 sheets');
    await page.getByRole('button', { name: /^Undo: Mended: mixed formats/ }).click();
    await expect(count(page)).toHaveText('14 findings on 2 sheets');
    const merged = cards.filter({ hasText: 'Merged cells among data' });
    await merged.getByRole('button', { name: 'Leave it…' }).click();
    await page.getByLabel('Why it is left').fill('a bed has two halves');
    await page.getByRole('dialog').getByRole('button', { name: 'Leave it' }).click();
    await expect(merged).toHaveCount(0);
    await page.getByLabel('Which').selectOption('That were left');
    await expect(merged).toContainText('Left: a bed has two halves');
    await merged.getByRole('button', { name: 'Look for it again' }).click();
    await page.getByLabel('Which').selectOption('All open');
    await expect(merged).toBeVisible();
    await page.getByLabel('Sheets').selectOption('Beds');
    await expect(count(page)).toHaveText('5 findings on 2 sheets');
    await page.getByLabel('How much they matter').selectOption('Only what is wrong');
    await expect(count(page)).toHaveText('4 findings on 2 sheets');
    // To the place on the Bench, and back.
    await cards.first().getByRole('button').first().click();
    await page.getByRole('button', { name: 'To the Bench' }).click();
    await expect(page.getByLabel('Address of the selection')).not.toHaveValue('A1');
    await page.goBack();
    await expect(count(page)).toBeVisible();
});

test('two sheets scroll together, rows that were put in are matched, and one is laid over the other', async ({ page }) => {
    const lines = ['Lot,Tree,Count', ...Array.from({ length: 200 }, (_, row) => `L${row + 1},Tree ${row + 1},${row * 3}`)];
    await page.goto('/');
    await page
        .getByLabel('Files to bring in')
        .setInputFiles({ name: 'Two.csv', mimeType: 'text/csv', buffer: Buffer.from(lines.join('\n')) });
    await page.getByRole('button', { name: 'Keep this table' }).click();
    await expect(page.getByRole('grid').getByText('Tree 1', { exact: true })).toBeVisible();
    const address = page.getByLabel('Address of the selection');
    await address.fill('A50');
    await address.press('Enter');
    await page.keyboard.press('Control+k');
    await page.getByRole('combobox', { name: 'Find an action' }).fill('row above');
    await page.keyboard.press('Enter');
    await expect(page.getByRole('button', { name: /^Undo: .*row/i })).toBeVisible();
    await page.getByRole('navigation', { name: 'Views' }).getByRole('button', { name: 'Side by side' }).click();
    const [left, right] = [page.getByRole('region', { name: 'Left sheet' }), page.getByRole('region', { name: 'Right sheet' })];
    await expect(page.getByRole('region', { name: 'What differs' })).toContainText('1 row more at the right');
    // Before its rows are there, a pane has nothing to scroll.
    for (const pane of [left, right]) await expect(pane.getByText('Tree 1', { exact: true })).toBeVisible();
    await left.hover();
    await page.mouse.wheel(0, 2_000);
    await expect(left.getByText('Tree 105', { exact: true })).toBeVisible();
    // The same tree stands at the same height, though its row has another number.
    await expect
        .poll(async () => {
            const [one, other] = [
                await left.getByText('Tree 105', { exact: true }).boundingBox(),
                await right.getByText('Tree 105', { exact: true }).boundingBox(),
            ];
            return one && other ? Math.abs(one.y - other.y) : NaN;
        })
        .toBeLessThan(3);
    await page.getByLabel('Lay one over the other').check();
    const wipe = page.getByLabel('How much of the left sheet is laid open');
    await wipe.fill('20');
    await expect(wipe).toHaveValue('20');
    const download = page.waitForEvent('download');
    await page.getByRole('link', { name: 'Save as one page' }).click();
    expect(readFileSync(await (await download).path(), 'utf8')).toContain('Two, Two, as it came');
});

test('three workbooks of a series are brought in line with what most of them have', async ({ page }) => {
    for (const [name, bold] of [
        ['Series north', true],
        ['Series south', true],
        ['Series west', false],
    ] as const) {
        const book = new Library.Workbook();
        const sheet = book.addWorksheet('Beds');
        sheet.addRow(['Bed', 'Trees', 'Cost']);
        for (let row = 0; row < 8; row++) sheet.addRow([`Bed ${row + 1}`, 11 + ((row * 7) % 20), 20 + row * 3]);
        sheet.getRow(1).eachCell((cell) => {
            cell.font = { name: 'Carlito', size: 11, bold };
        });
        await comeIn(page, `${name}.xlsx`, Buffer.from(await book.xlsx.writeBuffer()));
    }
    await page.goto('/');
    for (const name of ['Series north', 'Series south', 'Series west']) await page.getByLabel(`Choose ${name}`).check();
    await page.getByRole('button', { name: 'Findings of 3 chosen workbooks' }).click();
    const consistency = page.getByRole('region', { name: 'Consistency' });
    await expect(consistency.getByRole('listitem')).toHaveCount(1);
    await expect(consistency).toContainText('Series west, Beds');
    await expect(consistency).toContainText('Heading bold: none here, yes on 2 of 3');
    await accessible(page);
    await consistency.getByRole('button', { name: 'Mend all of consistency' }).click();
    await expect(consistency).toHaveCount(0);
    await page.goto('/');
    await page.getByRole('link', { name: /Series west/ }).click();
    await expect(page.getByRole('button', { name: /^Undo: Mended: sheets differ/ })).toBeVisible();
    expect((await handOver(page)).getWorksheet('Beds')?.getCell('B1').font?.bold).toBe(true);
});
