import { expect, test } from '@playwright/test';
import { book, keep, open, openBook, seen, tray } from './books';
import { accessible } from './accessible';
import { cell, handOver, pick, send, shelve, undo } from './sheet';

test('a stylebook is learned from a good workbook, mended, changed, worn by three workbooks, changed again and gone back', async ({
    page,
}) => {
    const good = await book('Kelp lists', [{ fill: 'A9C4CF', ink: 'FFFFFF', stripe: 'EEF4F6', font: 'Carlito' }]);
    const odd = await book('Odd fives', [
        { fill: '884422', ink: 'FFFFFF', font: 'Arimo' },
        { font: 'Tinos', size: 14 },
        { stripe: 'FFEECC', font: 'Cousine' },
        { fill: 'FFFF00', font: 'Carlito', size: 9 },
        {},
    ]);
    await shelve(page, good, odd, await book('Spare one', [{}]), await book('Spare two', [{ fill: '333333', ink: 'FFFFFF' }]));

    // Learned from the good one: each rule with its evidence.
    await page.goto('/');
    await page.getByRole('button', { name: 'New stylebook' }).click();
    await page.getByRole('menuitem', { name: 'Learn from workbooks…' }).click();
    await page.getByRole('checkbox', { name: /^Kelp lists/ }).check();
    await page.getByRole('button', { name: 'See what they follow' }).click();
    const learned = page.getByRole('dialog', { name: 'Learned from Kelp lists' });
    await expect(learned.getByRole('listitem').filter({ hasText: 'Column headings, fill' })).toContainText(
        '3 of 3 cells on 1 sheet',
    );
    await accessible(page);
    await learned.getByLabel('Name of the stylebook').fill('Kelp house');
    await learned.getByRole('button', { name: 'Keep as a stylebook' }).click();
    await page
        .getByRole('dialog', { name: 'Kelp house stands on the shelf' })
        .getByRole('button', { name: 'Open the stylebook' })
        .click();

    // Its headings are hard to read: mended with one press.
    const rules = page.getByRole('navigation', { name: 'Rules' });
    await expect(rules).toBeVisible();
    const contrast = page.getByRole('region', { name: 'Contrast' });
    await contrast.getByRole('button', { name: 'Mend ink #FFFFFF on #A9C4CF' }).click();
    await expect(undo(page, /Ink #FFFFFF mended on #A9C4CF/)).toBeVisible();
    await expect(contrast.getByRole('button', { name: /^Mend/ })).toHaveCount(0);
    await accessible(page);

    // Another heading colour, by its part and the tray; stripes every two rows.
    await rules.getByRole('button', { name: /^H?\s*Column headings/ }).click();
    await tray(page).getByRole('button', { name: 'Other colours for fill' }).click();
    await page.getByLabel('Colour as a name or a code').fill('#1F5F4B');
    await page.getByRole('button', { name: 'Use', exact: true }).click();
    await expect(undo(page, /Fill #1F5F4B, column headings/)).toBeVisible();
    await tray(page).getByRole('button', { name: 'Other colours for ink' }).click();
    await page.getByLabel('Colour as a name or a code').fill('white');
    await page.getByRole('button', { name: 'Use', exact: true }).click();
    await expect(undo(page, /Ink #FFFFFF, column headings/)).toBeVisible();
    await rules.getByRole('button', { name: /^Stripes/ }).click();
    const band = page.getByLabel('One band is');
    await band.fill('2');
    await band.press('Enter');
    await expect(rules.getByRole('button', { name: /^Stripes every 2 rows/ })).toBeVisible();
    await expect.poll(async () => (await seen(page, 'Lot')).fill).toBe('rgb(31, 95, 75)');
    await keep(page, 2);

    // All sheets of three workbooks are dressed in it.
    for (const name of ['Odd fives', 'Spare one', 'Spare two']) {
        await open(page, name);
        const all = tray(page).getByRole('radio', { name: /^All 5 sheets/ });
        if (name === 'Odd fives') await all.check();
        await tray(page)
            .getByRole('checkbox', { name: /^Start clean/ })
            .check();
        await tray(page).getByRole('button', { name: 'Kelp house' }).click();
        await expect(undo(page, /Dressed in Kelp house/)).toBeVisible();
        await expect.poll(async () => (await seen(page, 'Tree')).fill).toBe('rgb(31, 95, 75)');
    }

    // One rule changed, all three change.
    await openBook(page, 'Kelp house');
    await rules.getByRole('button', { name: /^H?\s*Column headings/ }).click();
    await tray(page).getByRole('button', { name: 'Italic' }).click();
    await expect(undo(page, /Italic, column headings/)).toBeVisible();
    await keep(page, 3);
    for (const name of ['Odd fives', 'Spare one', 'Spare two']) {
        await open(page, name);
        await expect.poll(async () => (await seen(page, 'Tree')).style).toBe('italic');
    }

    // Back one version, with all versions kept.
    await openBook(page, 'Kelp house');
    await page.getByRole('button', { name: /^Worn by/ }).click();
    await expect(page.getByText('7 of 7 sheets follow the newest version.')).toBeVisible();
    await accessible(page);
    await page.getByRole('button', { name: /^Versions/ }).click();
    await expect(page.getByRole('row', { name: /Column headings, italic/ })).toContainText('yes');
    await accessible(page);
    await page
        .getByRole('listitem')
        .filter({ hasText: 'Column headings, fill' })
        .getByRole('button', { name: 'Go back' })
        .click();
    await page.getByRole('dialog', { name: 'Go back to version 2?' }).getByRole('button', { name: 'Go back' }).click();
    await expect(page.getByText('Version 4 says what version 2 did.')).toBeVisible();

    // What is handed over says the same to another reader.
    for (const name of ['Odd fives', 'Spare one', 'Spare two']) {
        await open(page, name);
        await expect.poll(async () => (await seen(page, 'Tree')).style).toBe('normal');
        const file = await handOver(page);
        for (const sheet of file.worksheets) {
            const [head, first, third] = [sheet.getCell('A1'), sheet.getCell('B2'), sheet.getCell('B4')];
            expect(head.fill).toMatchObject({ fgColor: { argb: 'FF1F5F4B' } });
            expect(head.font).toMatchObject({ bold: true, name: 'Carlito' });
            expect(head.font.italic ?? false).toBe(false);
            expect(third.fill).toMatchObject({ fgColor: { argb: 'FFEEF4F6' } });
            expect(JSON.stringify(first.fill)).not.toContain('EEF4F6');
        }
    }
});

test('only some sheets of a workbook have a voice in what is learned', async ({ page }) => {
    const alike = { fill: '2F6B5B', ink: 'FFFFFF', font: 'Carlito' };
    await shelve(page, await book('Lichen lists', [alike, { fill: 'C2B280', font: 'Tinos' }, alike]));
    await page.goto('/');
    await page.getByRole('button', { name: 'New stylebook' }).click();
    await page.getByRole('menuitem', { name: 'Learn from workbooks…' }).click();
    await page.getByRole('checkbox', { name: /^Lichen lists/ }).check();
    const sheets = page.getByRole('group', { name: 'Sheets of Lichen lists' });
    const go = page.getByRole('button', { name: 'See what they follow' });
    for (const name of ['Beds 1', 'Beds 2', 'Beds 3']) await sheets.getByRole('checkbox', { name }).uncheck();
    await expect(go).toBeDisabled();
    for (const name of ['Beds 1', 'Beds 3']) await sheets.getByRole('checkbox', { name }).check();
    await accessible(page);
    await go.click();
    const learned = page.getByRole('dialog', { name: 'Learned from Lichen lists' });
    await expect(learned.getByRole('listitem').filter({ hasText: 'Column headings, fill' })).toContainText(
        '6 of 6 cells on 2 sheets',
    );
});

test('two people change one stylebook: the second is told, sees both, and loses nothing', async ({ page, browser }) => {
    await pick(page, await book('Dune list', [{}]));
    await tray(page).getByRole('button', { name: 'Weather book' }).click();
    await expect(undo(page, /Dressed in Weather book/)).toBeVisible();
    const bench = page.url();
    await page.getByTitle('Choose a stylebook').click();
    await tray(page).getByRole('button', { name: 'Change Weather book' }).click();
    const rules = page.getByRole('navigation', { name: 'Rules' });
    await rules.getByRole('button', { name: /^T?\s*Title/ }).click();
    // A colour is seen before it is set.
    await expect(page.getByText('All is kept')).toBeVisible();
    // The tray of another part has its colours elsewhere.
    await expect(tray(page).getByRole('heading', { name: /^Colour Title/ })).toBeVisible();
    await tray(page).getByRole('button', { name: 'Fill haze' }).hover();
    await expect(page.getByText('Trying on Fill #D9E1EA, not set')).toBeVisible();
    await expect.poll(async () => (await seen(page, 'Seed store, spring list')).fill).toBe('rgb(217, 225, 234)');
    await page.getByRole('button', { name: /^Versions/ }).hover();
    await expect.poll(async () => (await seen(page, 'Seed store, spring list')).fill).not.toBe('rgb(217, 225, 234)');
    await expect(page.getByText('All is kept')).toBeVisible();
    await tray(page).getByRole('button', { name: 'Italic' }).click();
    await expect(undo(page, /Italic, title/)).toBeVisible();
    // Somebody else changes it meanwhile, from a Bench.
    const other = await browser.newPage();
    await other.goto(bench);
    await expect(other.getByRole('grid')).toBeVisible();
    await send(other, 'format', { scope: 'everywhere', part: 'heading', look: { fill: '#C9D6E3' } });
    await other.close();

    await page.getByRole('button', { name: /^Keep as version/ }).click();
    const both = page.getByRole('dialog', { name: /was kept while you worked/ });
    await expect(both.getByRole('list', { name: /^Changed in version/ })).toContainText('Column headings, fill');
    await expect(both.getByRole('list', { name: 'Changed here' })).toContainText('Title, italic: yes, said nothing');
    await accessible(page);
    await both.getByRole('button', { name: 'Keep both together' }).click();
    await expect(page.getByText(/Version 3 is kept\./)).toBeVisible();
    await page.goto(bench);
    await expect.poll(async () => (await seen(page, 'Tree')).fill).toBe('rgb(201, 214, 227)');
});

test('a sheet holds a version, and is seen in a draft before anything is kept', async ({ page }) => {
    await pick(page, await book('Fen list', [{}]));
    await tray(page).getByRole('button', { name: 'Bed calendar' }).click();
    await expect(undo(page, /Dressed in Bed calendar/)).toBeVisible();
    await page.getByTitle('Choose a stylebook').click();
    await tray(page).getByRole('button', { name: 'follows · hold v 1' }).click();
    await expect(tray(page).getByRole('button', { name: 'holds v 1 · follow' })).toBeVisible();
    const bench = page.url();
    await tray(page).getByRole('button', { name: 'Change Bed calendar' }).click();
    const rules = page.getByRole('navigation', { name: 'Rules' });
    await rules.getByRole('button', { name: /^H?\s*Column headings/ }).click();
    await tray(page).getByRole('button', { name: 'Italic' }).click();
    await expect(undo(page, /Italic, column headings/)).toBeVisible();
    await page.getByLabel('Seen on').selectOption({ label: 'Fen list, Beds 1' });
    const shown = page.getByRole('img', { name: 'The sheet in this stylebook' });
    await expect(shown.getByText('Tree', { exact: true })).toHaveCSS('font-style', 'italic');
    await accessible(page);
    await keep(page, 2);
    await page.goto(bench);
    await expect(cell(page, 'Tree').first()).toBeVisible();
    expect((await seen(page, 'Tree')).style).toBe('normal');
    await page.getByTitle('Choose a stylebook').click();
    await tray(page).getByRole('button', { name: 'holds v 1 · follow' }).click();
    await expect.poll(async () => (await seen(page, 'Tree')).style).toBe('italic');
});

test('hand touches under a new stylebook: told, and dropped by what it says', async ({ page }) => {
    await pick(page, await book('Moor list', [{}]));
    await page.getByRole('button', { name: 'Format by hand' }).click();
    await cell(page, 'Tree').first().click();
    await tray(page).getByRole('button', { name: 'Other colours for fill' }).click();
    await page.getByLabel('Colour as a name or a code').fill('#FFCC00');
    await page.getByRole('button', { name: 'Use', exact: true }).click();
    await expect(undo(page, /Fill #FFCC00/)).toBeVisible();
    await page.getByTitle('Choose a stylebook').click();
    const over = tray(page).getByLabel('What becomes of hand touches');
    await expect(over).toHaveAttribute('title', 'Beds 1: A1');
    await tray(page).getByRole('button', { name: 'Long list' }).click();
    await expect(undo(page, /Dressed in Long list/)).toBeVisible();
    expect((await seen(page, 'Tree')).fill).toBe('rgb(255, 204, 0)');
    await over.selectOption('Drop what it says anyway');
    await tray(page)
        .getByRole('button', { name: /^Long list/ })
        .first()
        .click();
    await expect(undo(page, /hand touches dropped/)).toBeVisible();
    await expect.poll(async () => (await seen(page, 'Tree')).fill).toBe('rgb(110, 67, 18)');
    await page.keyboard.press('Control+z');
    await expect.poll(async () => (await seen(page, 'Tree')).fill).toBe('rgb(255, 204, 0)');
});
