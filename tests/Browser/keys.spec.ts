import { expect, test, type Locator, type Page } from '@playwright/test';
import { accessible } from './accessible';
import { bringIn, cell, head, openBench, select, undo } from './sheet';

const active = (page: Page) => page.locator('#active-cell');

const announced = (page: Page) => page.locator('[data-announced]');

const focused = (page: Page) =>
    page.evaluate(() => document.activeElement?.getAttribute('role') ?? document.activeElement?.tagName);

test('the sheet is a few stops of the Tab key away, also with sixty columns', async ({ page }) => {
    const row = (name: string) => Array.from({ length: 60 }, (_, at) => `${name}${at + 1}`).join(',');
    await bringIn(page, 'Sixty.csv', [row('Bed '), ...[1, 2, 3].map(() => Array(60).fill(7).join(','))].join('\n'));

    // By the first stop of the page.
    await page.keyboard.press('Tab');
    await expect(page.getByRole('link', { name: 'Go to the sheet' })).toBeFocused();
    await page.keyboard.press('Enter');
    expect(await focused(page)).toBe('grid');

    // From the outline: each of its lists is one stop, with arrows inside.
    await page.getByRole('navigation', { name: 'Outline' }).getByRole('button', { name: 'Sixty', exact: true }).focus();
    let stops = 0;
    for (; stops < 12 && (await focused(page)) !== 'grid'; stops++) await page.keyboard.press('Tab');
    expect(stops).toBeLessThanOrEqual(10);

    const first = page.getByRole('navigation', { name: 'Outline' }).getByRole('button', { name: /^A Bed 1/ });
    await first.focus();
    await page.keyboard.press('ArrowDown');
    await expect(page.getByRole('button', { name: /^B Bed 2/ })).toBeFocused();
    await page.keyboard.press('ArrowRight');
    await expect(page.getByRole('button', { name: 'Correct column B', exact: true })).toBeFocused();
    await page.keyboard.press('ArrowLeft');
    await page.keyboard.press('End');
    await expect(page.getByRole('button', { name: /^BH Bed 60/ })).toBeFocused();
});

test('the active cell is said with its text, kind and part, blank ones too; what is chosen and done is said once', async ({
    page,
}) => {
    await openBench(page, 'Spring orders');
    await page.getByRole('grid').focus();
    const grid = page.getByRole('grid');
    await expect(grid).toHaveAttribute('aria-activedescendant', 'active-cell');
    await page.keyboard.press('Control+Home');
    await expect(active(page)).toHaveAttribute('aria-label', /^A1, .+/);
    await page.keyboard.press('Control+End');
    await page.keyboard.press('ArrowDown');
    await page.keyboard.press('ArrowDown');
    await expect(active(page)).toHaveAttribute('aria-label', /, blank$/);
    await expect(active(page)).toHaveAttribute('aria-selected', 'true');

    // Its kind and part, from the column that the outline names.
    const column = page
        .getByRole('navigation', { name: 'Outline' })
        .getByRole('button', { name: / amount$/ })
        .first();
    await column.click();
    await expect(active(page)).toHaveAttribute('aria-label', /, amount, Body$/);
    await expect(announced(page)).toHaveText(/ to .*cells chosen$/);

    // An act is said once, and so is its undoing.
    await page.getByRole('button', { name: 'Bold' }).click();
    await expect(announced(page)).toHaveText(/^Bold, /);
    await grid.focus();
    await page.keyboard.press('Control+z');
    await expect(page.getByRole('status').filter({ hasText: /^Undone: Bold/ })).toBeVisible();
    await expect(announced(page)).toHaveText(/^Bold, /);
});

test('the menu of the cells opens by key, and hides, keeps in sight and takes out', async ({ page }) => {
    await bringIn(page, 'Menu keys.csv', 'Tree,Bed,Count\nRowan,N,5\nAspen,S,7\nBirch,E,9\n');
    await expect(cell(page, 'Aspen')).toBeVisible();
    await select(page, 'B3');
    await page.getByRole('grid').focus();
    const current = () => page.evaluate(() => document.activeElement?.textContent);
    /** Down until an entry is reached; each press is answered before the next. */
    const downTo = async (entry: Locator) => {
        for (let at = 0; at < 20 && !(await entry.evaluate((each) => each === document.activeElement)); at++) {
            const before = await current();
            await page.keyboard.press('ArrowDown');
            await expect.poll(current).not.toBe(before);
        }
        await expect(entry).toBeFocused();
    };
    const choose = async (stretch: string, item: string) => {
        await page.keyboard.press('Shift+F10');
        const menu = page.getByRole('menu', { name: 'The chosen cells' });
        await expect(menu).toBeVisible();
        // Keys go to the menu once it has taken the focus.
        await expect.poll(() => menu.evaluate((each) => each.contains(document.activeElement))).toBe(true);
        await downTo(menu.getByRole('menuitem', { name: stretch }));
        await page.keyboard.press('ArrowRight');
        const inner = page.getByRole('menuitem', { name: item });
        await expect(inner).toBeVisible();
        // The menu that opened takes the focus from the entry that opened it.
        await expect.poll(() => inner.evaluate((each) => each.parentElement?.contains(document.activeElement))).toBe(true);
        await downTo(inner);
        await page.keyboard.press('Enter');
        await expect(menu).toHaveCount(0);
        await expect(page.getByRole('grid')).toBeFocused();
    };
    await choose('Row 3', 'Put row in above 3');
    await expect(undo(page, /row.* put in/i)).toBeVisible();
    await expect(active(page)).toHaveAttribute('aria-label', /^B3, blank/);
    await choose('Row 3', 'Take row out: 3');
    await expect(undo(page, /taken out/)).toBeVisible();
    await choose('Column B', 'Keep columns up to B in sight');
    await expect(undo(page, 'Frozen parts')).toBeVisible();
    await choose('Column B', 'Hide column');
    await expect(undo(page, 'Hidden, 1 column')).toBeVisible();
    await expect(page.getByRole('gridcell').filter({ hasText: /^S$/ })).toHaveCount(0);

    // By the other mouse button the cell under it is meant.
    await cell(page, 'Birch').click({ button: 'right' });
    await expect(page.getByRole('menuitem', { name: 'Row 4' })).toBeVisible();
    await accessible(page);
    await page.getByRole('menuitem', { name: 'Edit the cell' }).click();
    await expect(page.getByLabel('Content of the cell, row 4')).toBeFocused();
    await page.keyboard.press('Control+a');
    await page.keyboard.type('Silver birch');
    await page.keyboard.press('Enter');
    await expect(cell(page, 'Silver birch')).toBeVisible();
});

test('column letters and row numbers are walked by arrows; frozen letters stay in sight', async ({ page }) => {
    await openBench(page, 'Nursery year');
    await select(page, 'D7');
    await head(page, 'D').focus();
    await page.keyboard.press('ArrowRight');
    await expect(page.getByLabel('Address of the selection')).toHaveValue('E:E');
    await expect(head(page, 'E')).toBeFocused();
    await page.keyboard.press('Shift+ArrowRight');
    await expect(page.getByLabel('Address of the selection')).toHaveValue('E:F');
    await expect(head(page, 'F')).toHaveAttribute('aria-selected', 'true');
    await expect(head(page, 'F')).toHaveAttribute('aria-colindex', '6');
    await page.keyboard.press('Enter');
    await expect(page.getByRole('grid')).toBeFocused();

    const number = page.getByRole('rowheader', { name: '7', exact: true });
    await number.focus();
    await page.keyboard.press('ArrowDown');
    await expect(page.getByLabel('Address of the selection')).toHaveValue('8:8');

    // The first columns stay in sight, and so do their letters.
    const left = async () => (await head(page, 'A').boundingBox())?.x;
    const before = await left();
    await page.getByRole('grid').evaluate((each) => each.scrollTo({ left: 700 }));
    await expect(head(page, 'C')).toBeInViewport();
    expect(await left()).toBe(before);
    const shown = await head(page, 'A').evaluate((each) => {
        const box = each.getBoundingClientRect();
        return document.elementFromPoint(box.x + box.width / 2, box.y + box.height / 2)?.textContent;
    });
    expect(shown).toBe('A');

    // Brackets of the parts are one stop, with arrows inside.
    const heading = page.getByRole('button', { name: /^Column headings, rows/ });
    await heading.first().focus();
    await page.keyboard.press('ArrowDown');
    await expect(page.locator('[data-part] button:focus')).toHaveAttribute('aria-label', /, rows \d+ to \d+$/);
    await expect(page.getByRole('menu')).toHaveCount(0);
});
