import { expect, test } from '@playwright/test';
import { accessible } from './accessible';
import { act, cell, handOver, head, openBench, select, undo, widthOf } from './sheet';

test('columns are dragged, fitted, sized by number and hidden, and the file has the same sizes', async ({ page }) => {
    await openBench(page, 'Hollin Lane site');
    await page.getByRole('button', { name: 'Format by hand' }).click();
    // Marks where figures do not fit; pressed twice at its edge, the column is wide enough.
    const worth = head(page, 'G');
    await select(page, 'G4');
    await page.getByLabel('Width', { exact: true }).fill('24 px');
    await page.keyboard.press('Enter');
    await expect(undo(page, 'Width 24 px, 1 column')).toBeVisible();
    await expect(page.getByRole('gridcell').filter({ hasText: /^#+$/ }).first()).toBeVisible();
    const edge = worth.locator('[data-edge]');
    await edge.dblclick();
    await expect(undo(page, 'Fitted, 1 column')).toBeVisible();
    await select(page, 'A:G');
    await act(page, 'Fit all columns');
    await expect(undo(page, 'Fitted, 7 columns')).toBeVisible();
    await expect(page.getByRole('gridcell').filter({ hasText: /^#+$/ })).toHaveCount(0);
    const cut = await page
        .getByRole('gridcell')
        .evaluateAll((cells) => cells.filter((each) => each.scrollWidth > each.clientWidth).map((each) => each.textContent));
    expect(cut).toEqual([]);

    // Dragged: several chosen columns take the same width.
    await select(page, 'E:F');
    const from = await head(page, 'F').locator('[data-edge]').boundingBox();
    if (!from) throw new Error('the edge is not in sight');
    const before = await widthOf(page, 'F');
    await page.mouse.move(from.x + 3, from.y + 5);
    await page.mouse.down();
    await page.mouse.move(from.x + 43, from.y + 5, { steps: 4 });
    await page.mouse.up();
    await expect(undo(page, `Width ${before + 40} px, 2 columns`)).toBeVisible();
    await expect.poll(() => widthOf(page, 'E')).toBe(before + 40);

    // By number, in another unit.
    await head(page, 'B').click({ button: 'right' });
    await page.getByRole('menuitem', { name: 'Width…' }).click();
    const width = page.getByRole('dialog').getByLabel('Width');
    await width.fill('40 mm');
    await accessible(page);
    await page.keyboard.press('Enter');
    await expect(undo(page, 'Width 151 px, 1 column')).toBeVisible();
    await head(page, 'B').click({ button: 'right' });
    await page.getByRole('menuitem', { name: 'Width…' }).click();
    await width.fill('10000 px');
    await page.keyboard.press('Enter');
    await expect(page.getByRole('status')).toContainText('255 characters at most');

    // Hidden and brought back; headings kept in sight.
    await head(page, 'C').click({ button: 'right' });
    await page.getByRole('menuitem', { name: 'Hide column' }).click();
    await expect(undo(page, 'Hidden, 1 column')).toBeVisible();
    await act(page, 'Keep headings and row labels in sight');
    await expect(undo(page, 'Headings and row labels kept in sight')).toBeVisible();
    await act(page, 'Hide gridlines');
    await expect(undo(page, 'Gridlines hidden')).toBeVisible();

    const book = await handOver(page);
    const sheet = book.getWorksheet('Stock list');
    expect(sheet?.getColumn('C').hidden).toBe(true);
    // Widths in characters of the default font, whose digits are 7 px wide (ISO/IEC 29500-1 18.3.1.13).
    expect(sheet?.getColumn('B').width).toBeCloseTo(151 / 7, 1);
    expect(sheet?.getColumn('E').width).toBeCloseTo((before + 40) / 7, 1);
    expect(sheet?.views[0]).toMatchObject({ state: 'frozen', ySplit: 3, xSplit: 2, showGridLines: false });
});

test('a dressed sheet still fits after its font is changed, and a column sized by hand stays', async ({ page }) => {
    await openBench(page, 'Nursery year');
    await select(page, 'B7:B10');
    const before = await widthOf(page, 'B');
    await page.getByLabel('Size in points').fill('20');
    await page.getByLabel('Size in points').press('Enter');
    await expect(undo(page, '20 pt, B7:B10')).toBeVisible();
    await expect.poll(() => widthOf(page, 'B')).toBeGreaterThan(before);
    const cut = await cell(page, 'Silver birch').evaluate((each) => each.scrollWidth > each.clientWidth);
    expect(cut).toBe(false);
    await undo(page, '20 pt, B7:B10').click();
    await expect.poll(() => widthOf(page, 'B')).toBe(before);
});

test('a dressed table is sorted by a column: groups and totals stay, and one undo brings the order back', async ({ page }) => {
    await openBench(page, 'Nursery year');
    const first = page.locator('[aria-rowindex="7"] [aria-colindex="2"]');
    await expect(first.first()).toBeVisible();
    const before = await first.first().textContent();
    const names = async () => {
        const texts = [];
        for (const row of [7, 8, 9, 10])
            texts.push((await page.locator(`[aria-rowindex="${row}"] [aria-colindex="2"]`).first().textContent()) ?? '');
        return texts;
    };
    const sorted = (await names()).sort((a, b) => b.localeCompare(a, 'en'));
    await page.getByRole('button', { name: 'Correct column B' }).click();
    await page.getByRole('menuitem', { name: 'Greatest first' }).click();
    await expect(undo(page, 'Data: sorted by B, greatest first, Stock')).toBeVisible();
    await expect.poll(names).toEqual(sorted);
    await expect(page.locator('[aria-rowindex="11"] [aria-colindex="1"]').first()).toHaveText('Upper beds together');
    await page.keyboard.press('Control+z');
    await expect(first.first()).toHaveText(before ?? '');
});

test('what is cut is counted and fitted, a width is shared, and the zoom goes along in the file', async ({ page }) => {
    await openBench(page, 'Hollin Lane site');
    await page.getByRole('navigation', { name: 'Outline' }).getByRole('button', { name: 'Beds', exact: true }).click();
    await page.getByRole('button', { name: 'Format by hand' }).click();
    await select(page, 'B3');
    const fit = page.getByRole('region', { name: 'Fit' });
    await fit.getByLabel('Width', { exact: true }).fill('20 px');
    await fit.getByLabel('Width', { exact: true }).press('Enter');
    await expect(undo(page, 'Width 20 px, 1 column')).toBeVisible();
    await expect(fit).toContainText('width by hand');
    const foot = page.getByRole('contentinfo');
    await expect(foot.getByRole('button', { name: /texts are cut/ })).toBeVisible();
    await foot.getByRole('button', { name: /texts are cut/ }).click();
    await expect(page.getByLabel('Address of the selection')).toHaveValue(/^[A-F]\d+$/);
    await accessible(page);
    await foot.getByRole('button', { name: 'Fit', exact: true }).click();
    await expect(foot.getByRole('button', { name: /cut/ })).toHaveCount(0);

    await select(page, 'C2:F2');
    await fit.getByRole('button', { name: 'More ways to fit' }).click();
    await page.getByRole('menuitem', { name: 'Equal widths for the chosen columns' }).click();
    await expect(undo(page, 'Equal widths, 4 columns')).toBeVisible();
    await expect.poll(async () => (await widthOf(page, 'C')) - (await widthOf(page, 'F'))).toBe(0);
    await fit.getByRole('button', { name: 'More ways to fit' }).click();
    await page.getByRole('menuitem', { name: /Share a width/ }).click();
    await page.getByLabel('Width of all columns together').fill('120 mm');
    await page.keyboard.press('Enter');
    await expect(undo(page, '454 px shared among the columns, Beds')).toBeVisible();

    const before = await widthOf(page, 'C');
    await foot.getByLabel('Zoom').selectOption('75');
    await expect(undo(page, 'Zoom 75 %')).toBeVisible();
    await expect.poll(() => widthOf(page, 'C')).toBe(Math.round(before * 0.75));
    await foot.getByLabel('Zoom').selectOption('all');
    await expect(undo(page, 'Zoom 75 %, 2 sheets')).toBeVisible();
    const book = await handOver(page);
    expect(book.worksheets.map((sheet) => sheet.views[0]?.zoomScale)).toEqual([75, 75]);
});

test('a sheet is renamed and coloured in the outline, and hidden in the file', async ({ page }) => {
    await openBench(page, 'Hollin Lane site');
    const outline = page.getByRole('navigation', { name: 'Outline' });
    const more = (name: string) => outline.getByRole('button', { name: `More for the sheet ${name}` });
    await more('Beds').click();
    await page.getByRole('menuitem', { name: 'Rename…' }).click();
    await page.getByLabel('Name of the sheet').fill('Beds by half');
    await page.keyboard.press('Enter');
    await expect(outline.getByRole('button', { name: 'Beds by half', exact: true })).toBeVisible();
    await more('Beds by half').click();
    await page.getByRole('menuitem', { name: 'Teal' }).click();
    await expect(undo(page, 'Colour of the sheet, Beds by half')).toBeVisible();
    await more('Beds by half').click();
    await page.getByRole('menuitem', { name: 'Hide it in the file' }).click();
    await expect(outline.getByLabel('hidden')).toBeVisible();
    await accessible(page);
    await more('Stock list').click();
    await page.getByRole('menuitem', { name: 'Hide it in the file' }).click();
    await expect(page.getByRole('status')).toContainText('one sheet at least');
    const book = await handOver(page);
    expect(book.worksheets.map((sheet) => [sheet.name, sheet.state])).toEqual([
        ['Stock list', 'visible'],
        ['Beds by half', 'hidden'],
    ]);
});
