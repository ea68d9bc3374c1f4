import { expect, test } from '@playwright/test';
import Library from 'exceljs';
import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { accessible } from './accessible';
import { cell, handOver, pick, select, undo } from './sheet';

const folder = mkdtempSync(join(tmpdir(), 'formulas-'));

/** A workbook of an independent library with formulas of every sort, each with the result that its writer says. */
async function fixture(path: string): Promise<Record<string, { formula: string; result: number }>> {
    const book = new Library.Workbook();
    const sheet = book.addWorksheet('Lots');
    sheet.addRows([
        ['Tree', 'Count', 'Height', 'Worth'],
        ['Rowan', 4, null, null],
        ['Ash', 8, null, null],
    ]);
    book.addWorksheet('Rates').addRow([1.5]);
    book.definedNames.add('Rates!$A$1', 'Rate');
    const said: Record<string, { formula: string; result: number }> = {
        C2: { formula: 'TREEHEIGHT(B2)', result: 4.25 },
        C3: { formula: 'TREEHEIGHT(B3)', result: 7.5 },
        D2: { formula: 'B2*Rate', result: 6 },
        D3: { formula: 'B3*Rate', result: 12 },
        F1: { formula: '_xlfn.LET(_xlpm.x,B2,_xlpm.x*2)', result: 8 },
        F2: { formula: 'SUM(Lots:Rates!A1)', result: 1.5 },
        F3: { formula: 'AGGREGATE(9,5,B2:B3)', result: 12 },
    };
    for (const [at, value] of Object.entries(said)) sheet.getCell(at).value = value;
    await book.xlsx.writeFile(path);
    return said;
}

test('a typed cell changes what depends on it, and every other formula keeps what it gave, on the sheet and in the file', async ({
    page,
}) => {
    const path = join(folder, 'Tree heights.xlsx');
    const said = await fixture(path);
    await pick(page, path);
    await expect(cell(page, 'Rowan')).toBeVisible();

    // Far from all of them: nothing else changes.
    await select(page, 'H9');
    await page.keyboard.type('17');
    await page.keyboard.press('Enter');
    await expect(undo(page, 'Data: H9 typed')).toBeVisible();
    for (const text of ['4.25', '7.5', '6', '1.5']) await expect(cell(page, text).first()).toBeVisible();
    await expect(page.getByText(/results? not calculated here/)).toHaveCount(0);
    const untouched = (await handOver(page)).getWorksheet('Lots');
    for (const [at, value] of Object.entries(said)) expect(untouched?.getCell(at).result, at).toBe(value.result);

    // A count: its worth follows through the name, its height cannot be known here and says so.
    await select(page, 'B2');
    await page.keyboard.type('10');
    await page.keyboard.press('Enter');
    await expect(cell(page, '15')).toBeVisible();
    await expect(page.getByText('3 results not calculated here')).toBeVisible();
    await expect(cell(page, '4.25')).toBeVisible();
    await accessible(page);
    await page.keyboard.press('Control+s');
    await page.getByRole('button', { name: 'Write the file' }).click();
    await expect(page.getByTestId('proof')).toContainText('0 values and 0 formulas changed, 1 result calculated anew');
    await expect(page.getByTestId('proof')).toContainText('3 formulas were not calculated here');
    await page.getByText('Results calculated anew').click();
    await expect(page.getByTestId('proof')).toContainText('Lots!D2');
    await page.getByRole('button', { name: 'Close' }).click();

    await undo(page, 'Data: B2 typed').click();
    await expect(page.getByText(/results? not calculated here/)).toHaveCount(0);
    await expect(cell(page, '6')).toBeVisible();
});

test('several files at once all come in, and none leads away from the others', async ({ page }) => {
    const file = (name: string, text: string) => ({ name, mimeType: 'text/csv', buffer: Buffer.from(text) });
    await page.goto('/');
    await page
        .getByLabel('Files to bring in')
        .setInputFiles([
            file('Alder list.csv', 'Tree,Count\nAlder,3\nElm,4\n'),
            file('Beech list.csv', 'Tree,Count\nBeech,5\nOak,6\n'),
        ]);
    for (const file of ['Alder list.csv', 'Beech list.csv']) {
        await expect(page.getByRole('dialog')).toContainText(file);
        await page.getByRole('button', { name: 'Keep this table' }).click();
    }
    await expect(page.getByRole('link', { name: /Alder list/ }).first()).toBeVisible();
    await expect(page.getByRole('link', { name: /Beech list/ }).first()).toBeVisible();
});
