import { expect, test, type Page } from '@playwright/test';
import { accessible } from './accessible';
import { bringIn, cell, handOver, select, undo } from './sheet';

const TABLE = 'Tree,Bed,Count\nRowan,North,5\nAspen,South,7\nBirch,East,9\n';

/** The colour that is seen behind a cell's text. */
const fillUnder = (page: Page, text: string): Promise<string> =>
    cell(page, text).evaluate((each) => {
        const box = each.getBoundingClientRect();
        const fills = [...document.querySelectorAll<HTMLElement>('.sheet [style*="background"]')].filter((fill) => {
            const at = fill.getBoundingClientRect();
            return at.left <= box.left + 1 && at.right >= box.right - 1 && at.top <= box.top + 1 && at.bottom >= box.bottom - 1;
        });
        return fills.map((fill) => getComputedStyle(fill).backgroundColor).at(-1) ?? 'none';
    });

test('named looks and named colours need no stylebook', async ({ page }) => {
    await bringIn(page, 'Loose trees.csv', TABLE);
    await page.getByRole('button', { name: 'Format by hand' }).click();

    // A colour gets a name from its code; the menu has it at once.
    await cell(page, 'Aspen').click();
    await page.getByRole('button', { name: 'Other colours for fill' }).click();
    await page.getByLabel('Colour as a name or a code').fill('#C8D8B0');
    await page.getByRole('button', { name: 'Name', exact: true }).click();
    await page.getByLabel('Name', { exact: true }).fill('Lichen wall');
    await page.getByRole('button', { name: 'Name it' }).click();
    await expect(undo(page, 'Colour "Lichen wall" named, in this workbook')).toBeVisible();
    const own = page.getByRole('group', { name: 'Named in this workbook' });
    await expect(async () => {
        if (!(await own.isVisible())) await page.getByRole('button', { name: 'Other colours for fill' }).click();
        await expect(own).toBeVisible({ timeout: 1_000 });
    }).toPass();
    await accessible(page);
    await own.getByRole('button', { name: 'Lichen wall', exact: true }).click();
    await expect(undo(page, 'Fill #C8D8B0, A3')).toBeVisible();

    // Its look is kept under a name, and laid where a person wants it.
    await page.getByRole('button', { name: 'Named looks' }).click();
    await page.getByRole('menuitem', { name: 'Keep the look of the selection…' }).click();
    await expect(page.getByText('It joins the named looks of this workbook')).toBeVisible();
    await page.getByLabel('Name of the look').fill('To plant');
    await page.keyboard.press('Enter');
    await expect(undo(page, 'Look "To plant" kept, in this workbook')).toBeVisible();
    await select(page, 'B2:C2');
    await page.getByRole('button', { name: 'Named looks' }).click();
    await page.getByRole('menuitem', { name: 'To plant', exact: true }).click();
    await expect(undo(page, 'Look "To plant" laid, B2:C2')).toBeVisible();
    await expect.poll(() => fillUnder(page, 'North')).toBe('rgb(200, 216, 176)');

    // Changed once, all that wear it follow.
    await cell(page, 'Aspen').click();
    await page.getByRole('button', { name: 'Other colours for fill' }).click();
    await page.getByLabel('Colour as a name or a code').fill('wheat');
    await page.getByRole('button', { name: 'Use', exact: true }).click();
    await expect(undo(page, 'Fill #F5DEB3, A3')).toBeVisible();
    await page.getByRole('button', { name: 'Named looks' }).click();
    await page.getByRole('menuitem', { name: 'Where worn, rename, delete…' }).click();
    const looks = page.getByRole('dialog', { name: 'Named looks' });
    await expect(looks.getByText('of this workbook')).toBeVisible();
    await expect(looks.getByRole('button', { name: /Loose trees: 2 cells/ })).toBeVisible();
    await looks.getByRole('button', { name: 'Take the look of the selection' }).click();
    await looks.getByRole('button', { name: 'Close' }).click();
    await expect.poll(() => fillUnder(page, 'North')).toBe('rgb(245, 222, 179)');

    // A stylebook that comes later does not take it away, and the file says its name.
    await page.getByRole('button', { name: 'wears no stylebook' }).click();
    await page.getByRole('button', { name: /River ledger/ }).click();
    await expect(page.getByText('wears River ledger')).toBeVisible();
    await expect.poll(() => fillUnder(page, 'North')).toBe('rgb(245, 222, 179)');
    const sheet = (await handOver(page)).worksheets[0];
    expect(sheet?.getCell('B2').fill).toMatchObject({ fgColor: { argb: 'FFF5DEB3' } });
});
