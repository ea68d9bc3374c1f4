import { expect, test } from '@playwright/test';
import Library from 'exceljs';
import { execFileSync } from 'node:child_process';
import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { accessible } from './accessible';
import { cell, handOver, pick, select, undo } from './sheet';

const folder = mkdtempSync(join(tmpdir(), 'packages-'));

test('a workbook from elsewhere is dressed and handed over with its notes, checks, conditions and links', async ({ page }) => {
    const path = join(folder, 'Rowan lots.xlsx');
    execFileSync('node', ['tests/Core/write-fixture.mjs', path]);
    await pick(page, path);
    await expect(cell(page, 'Rowan 1')).toBeVisible();
    await expect(page.getByRole('navigation', { name: 'Outline' })).toContainText('comments (1)');
    await page.getByRole('button', { name: 'River ledger' }).click();
    await expect(undo(page, /Dressed/)).toBeVisible();

    const book = await handOver(page);
    const sheet = book.getWorksheet('Lots');
    expect(sheet?.getCell('A5').note).toBeTruthy();
    expect(sheet?.getCell('B3').dataValidation).toMatchObject({ type: 'whole', operator: 'between' });
    expect(sheet?.getCell('E2').hyperlink).toBe('https://example.org/');
    expect(sheet?.getCell('F3').formula).toBe('B3*2');
    expect(sheet?.getCell('A1').fill).toMatchObject({ pattern: 'solid' });
    expect(
        (sheet as unknown as { conditionalFormattings: { ref: string }[] }).conditionalFormattings.map((each) => each.ref),
    ).toEqual(['B2:B41']);
    expect(book.getWorksheet('Hidden')?.state).toBe('hidden');

    // A row that is put in takes all of it along.
    await page.getByRole('rowheader', { name: '2', exact: true }).click({ button: 'right' });
    await page.getByRole('menuitem', { name: 'Put row in above 2' }).click();
    await expect(undo(page, 'Row put in at 2, Lots')).toBeVisible();
    const moved = (await handOver(page)).getWorksheet('Lots');
    expect(moved?.getCell('A6').note).toBeTruthy();
    expect(moved?.getCell('E3').hyperlink).toBe('https://example.org/');
    expect(moved?.getCell('B45').formula ?? moved?.getCell('B44').formula).toBe('SUM(B3:B42)');
});

test('a workbook goes out as ods, with a word on what that cannot carry, and comes in again as it was', async ({ page }) => {
    const source = new Library.Workbook();
    const sheet = source.addWorksheet('Beds');
    sheet.addRows([
        ['Tree', 'Count', 'Planted'],
        ...Array.from({ length: 12 }, (_, i) => [`Alder ${i}`, i * 7, new Date(Date.UTC(2026, 2, i + 1))]),
    ]);
    sheet.getColumn(3).numFmt = 'dd mmm yyyy';
    sheet.getColumn(3).width = 16;
    sheet.getCell('A15').value = { formula: 'SUM(B2:B13)', result: 462 };
    const path = join(folder, 'Alder beds.xlsx');
    await source.xlsx.writeFile(path);
    await pick(page, path);
    await page.getByRole('button', { name: 'Format by hand' }).click();
    await select(page, 'A1:C1');
    await page.getByRole('region', { name: 'Tray' }).getByRole('button', { name: 'Bold', exact: true }).click();
    await expect(undo(page, 'Bold, A1:C1')).toBeVisible();
    await page.getByRole('region', { name: 'Tray' }).getByRole('button', { name: 'Span', exact: true }).click();
    await expect(undo(page, 'Spanned, A1:C1')).toBeVisible();

    await page.keyboard.press('Control+s');
    await page.getByRole('radio', { name: /Workbook, ods/ }).check();
    await expect(page.getByRole('dialog')).toContainText('Headings centred over several cells are centred in their own.');
    await accessible(page);
    await page.getByRole('button', { name: 'Write the file' }).click();
    await expect(page.getByTestId('proof')).toContainText('0 values and 0 formulas changed');
    const download = page.waitForEvent('download');
    await page.getByRole('link', { name: 'Download the ods' }).click();
    const out = join(folder, 'Alder again.ods');
    await (await download).saveAs(out);

    await pick(page, out);
    await expect(cell(page, '03 Mar 2026')).toBeVisible();
    await expect(cell(page, '462')).toBeVisible();
    expect(await cell(page, 'Tree').evaluate((each) => getComputedStyle(each).fontWeight)).toBe('700');
});
