import { expect, test, type Page } from '@playwright/test';
import { cell, drop, openBench, select, undo } from './sheet';

async function bringIn(page: Page, name: string): Promise<void> {
    await page.goto('/');
    await expect(page.getByRole('heading', { name: /Workbooks/ })).toBeVisible();
    await drop(page, name, 'Tree,Count,Worth\nOsier,3,1.50\nAlder,4,2.25\nRowan,6,9.00\n');
    await page.getByRole('button', { name: 'Keep this table' }).click();
    await expect(page.getByRole('grid').getByRole('gridcell').first()).toBeVisible();
}

const fillAt = (page: Page, row: number): Promise<string[]> =>
    page
        .locator(`[role=grid] [aria-rowindex="${row}"] > [role=presentation]`)
        .evaluateAll((all) => all.map((each) => getComputedStyle(each).backgroundColor));

test('a part is meant only while it is chosen: a new selection means its own cells', async ({ page }) => {
    await openBench(page, 'Spring orders');
    const outline = page.getByRole('navigation', { name: 'Outline' });
    await outline.getByRole('button', { name: /Column headings/ }).click();
    await expect(page.getByRole('radio', { name: /Column headings, here/ })).toBeChecked();
    await select(page, 'B4:C4');
    await expect(page.getByRole('radio', { name: 'These 2 cells' })).toBeChecked();
    await page.keyboard.press('ArrowDown');
    await expect(page.getByRole('radio', { name: 'This cell' })).toBeChecked();

    // A column of the outline is its body; Ctrl adds another.
    await outline.getByRole('button', { name: /Menge/ }).click();
    await expect(page.getByLabel('Address of the selection')).toHaveValue('E2:E619');
    await outline.getByRole('button', { name: /Betrag/ }).click({ modifiers: ['Control'] });
    await expect(page.getByLabel('Address of the selection')).toHaveValue('E2:E619,G2:G619');
});

test('where cells keep looks of their own, a look for their part asks, and overrides them as one step', async ({ page }) => {
    await bringIn(page, 'Covered heads.csv');
    await page.getByRole('button', { name: /River ledger/ }).click();
    await expect(page.getByText('wears River ledger')).toBeVisible();
    await select(page, 'A1:C1');
    await page.getByRole('button', { name: 'Other colours for fill' }).click();
    await page.getByLabel('Colour as a name or a code').fill('#FFE08A');
    await page.keyboard.press('Enter');
    await expect.poll(() => fillAt(page, 1)).toContain('rgb(255, 224, 138)');

    await page
        .getByRole('navigation', { name: 'Outline' })
        .getByRole('button', { name: /Column headings/ })
        .click();
    await page.getByRole('button', { name: 'Other colours for fill' }).click();
    await page.getByLabel('Colour as a name or a code').fill('navy');
    await page.keyboard.press('Enter');
    const dialog = page.getByRole('dialog', { name: /3 cells keep a look of their own/ });
    await expect(dialog).toBeVisible();
    await dialog.getByRole('button', { name: 'Override them' }).click();
    await expect.poll(() => fillAt(page, 1)).toContain('rgb(0, 0, 128)');
    await page.keyboard.press('Control+z');
    await expect.poll(() => fillAt(page, 1)).toContain('rgb(255, 224, 138)');
});

test('what is typed is read as what it is, is seen at once, and can go back to the text', async ({ page }) => {
    await bringIn(page, 'Typed days.csv');
    await page.route('**/acts', async (route) => {
        await new Promise((resolve) => setTimeout(resolve, 700));
        await route.continue();
    });
    await select(page, 'E2');
    await page.keyboard.type('2026-05-01');
    await page.keyboard.press('Enter');
    await expect(page.locator('[data-typed]')).toHaveText('2026-05-01', { timeout: 600 });
    // Whoever goes on to the address meanwhile keeps what is typed there.
    await page.getByLabel('Address of the selection').fill('E7');
    await expect(undo(page, 'Data: E2 typed, read as a date')).toBeVisible();
    await expect(page.getByLabel('Address of the selection')).toHaveValue('E7');
    await expect(page.getByLabel('Address of the selection')).toBeFocused();
    await page.keyboard.press('Escape');
    await page.getByRole('button', { name: 'Keep it as typed' }).click();
    await expect(undo(page, 'Data: E2 typed')).toBeVisible();
    await expect(cell(page, '2026-05-01')).toBeVisible();
});

test('a formula that is none is refused with its place, and stays in the editor', async ({ page }) => {
    await bringIn(page, 'Odd formulas.csv');
    await select(page, 'E2');
    await page.keyboard.type('=SUM(B2:B4');
    await page.keyboard.press('Enter');
    await expect(page.getByText('The formula for E2 ends too early')).toBeVisible();
    const editor = page.getByLabel('Content of the cell, row 2');
    await expect(editor).toHaveValue('=SUM(B2:B4');
    await editor.fill('=SUM(B2:B4)');
    await page.keyboard.press('Enter');
    await expect(cell(page, '13')).toBeVisible();
});
