import { expect, test, type Page } from '@playwright/test';
import { bringIn, cell, openBench, select, undo } from './sheet';

const TREES = 'Tree,Count,Worth\nOsier,3,1.50\nAlder,4,2.25\nRowan,6,9.00\n';

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
    await bringIn(page, 'Covered heads.csv', TREES);
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
    await bringIn(page, 'Typed days.csv', TREES);
    let answer = () => {};
    const seen = new Promise<void>((resolve) => (answer = resolve));
    await page.route('**/acts', async (route) => {
        await seen;
        await route.continue();
    });
    await select(page, 'E2');
    await page.keyboard.type('2026-05-01');
    await page.keyboard.press('Enter');
    await expect(page.locator('[data-typed]')).toHaveText('2026-05-01');
    // Whoever goes on to the address meanwhile keeps what is typed there.
    await page.getByLabel('Address of the selection').fill('E7');
    answer();
    await expect(undo(page, 'Data: E2 typed, read as a date')).toBeVisible();
    await expect(page.getByLabel('Address of the selection')).toHaveValue('E7');
    await expect(page.getByLabel('Address of the selection')).toBeFocused();
    await page.keyboard.press('Escape');
    await page.getByRole('button', { name: 'Keep it as typed' }).click();
    await expect(undo(page, 'Data: E2 typed')).toBeVisible();
    await expect(cell(page, '2026-05-01')).toBeVisible();
});

test('a formula that is none is refused with its place, and stays in the editor', async ({ page }) => {
    await bringIn(page, 'Odd formulas.csv', TREES);
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

test('what is pressed is done to what is chosen, though the server is slow to say how that looks', async ({ page }) => {
    await bringIn(page, 'Slow looks.csv', TREES);
    await page.getByRole('button', { name: /River ledger/ }).click();
    await expect(page.getByText('wears River ledger')).toBeVisible();
    const tray = page.getByRole('region', { name: 'Tray' });
    await cell(page, 'Tree').click();
    await expect(tray.getByRole('button', { name: 'Bold' })).toHaveAttribute('aria-pressed', 'true');
    await page.route(/inspection/, async (route) => {
        await new Promise((resolve) => setTimeout(resolve, 1_200));
        await route.continue();
    });
    // The heading is bold, the cell below is not: bold is what is meant, by the button and by the key.
    await cell(page, 'Alder').click();
    await tray.getByRole('button', { name: 'Bold' }).click();
    await expect(undo(page, 'Bold, A3')).toBeVisible();
    await cell(page, 'Rowan').click();
    await page.keyboard.press('Control+b');
    await expect(undo(page, 'Bold, A4')).toBeVisible();

    // A part that was pressed is that part, and not the one that was there before it.
    await page.getByRole('navigation', { name: 'Outline' }).getByRole('button', { name: /^Body/ }).click();
    await tray.getByRole('button', { name: 'Italic' }).click();
    await expect(undo(page, /^Italic, body/)).toBeVisible();

    // What is written in a field stays, whatever comes in meanwhile.
    await cell(page, 'Tree').click();
    await tray.getByLabel('Size in points').fill('17');
    await page.waitForResponse(/inspection/);
    await expect(tray.getByLabel('Size in points')).toHaveValue('17');
    await page.keyboard.press('Enter');
    await expect(undo(page, /17.*A1/)).toBeVisible();
});

test('formats and stylebooks are tried on by arrows as by resting on them', async ({ page }) => {
    await bringIn(page, 'Tried by arrows.csv', TREES);
    const books = page.getByRole('group', { name: 'Stylebooks' });
    await books.getByRole('button', { name: /^River ledger/ }).focus();
    await page.keyboard.press('ArrowRight');
    await expect(page.getByText(/^Trying on .*, not kept$/)).toBeVisible();
    const tried = await page.getByText(/^Trying on/).textContent();
    await page.keyboard.press('ArrowRight');
    await expect(page.getByText(/^Trying on/)).not.toHaveText(tried ?? '');
    await page.keyboard.press('Enter');
    await expect(undo(page, /^Dressed in/)).toBeVisible();

    await cell(page, '2.25').click();
    const number = page.getByRole('button', { name: /^Number format/ });
    await number.focus();
    await page.keyboard.press('Enter');
    const reads = page.getByRole('group', { name: 'Reads as' });
    await expect(reads).toBeVisible();
    await reads.locator('button[tabindex="0"]').focus();
    await page.keyboard.press('End');
    await page.keyboard.press('ArrowUp');
    await expect(page.getByText(/^Trying on/)).toBeVisible();
    await page.keyboard.press('Escape');
    await expect(page.getByText(/^Trying on/)).toHaveCount(0);
});

test('a formula that looks at itself is named, and a message does not lie over the cell it speaks of', async ({ page }) => {
    await bringIn(page, 'Circles.csv', TREES);
    await select(page, 'E3');
    for (const text of ['=E4+1', '=E3+1']) {
        await page.keyboard.type(text);
        await page.keyboard.press('Enter');
    }
    await expect(page.getByRole('status').filter({ hasText: 'E3:E4 look at themselves' })).toBeVisible();
    await page.keyboard.press('Control+z');
    await expect(page.getByText('look at themselves')).toHaveCount(0);

    // At the lower right, where messages come.
    await select(page, 'N22');
    await page.keyboard.type('=1+(');
    await page.keyboard.press('Enter');
    const editor = page.getByLabel('Content of the cell, row 22');
    await expect(editor).toBeVisible();
    const message = page.getByRole('status').filter({ has: page.getByRole('button', { name: 'Dismiss' }) });
    await expect(message).toBeVisible();
    const [one, two] = [await editor.boundingBox(), await message.boundingBox()];
    if (!one || !two) throw new Error('Both are on the screen.');
    const apart =
        one.x + one.width <= two.x || two.x + two.width <= one.x || one.y + one.height <= two.y || two.y + two.height <= one.y;
    expect(apart).toBe(true);
});
