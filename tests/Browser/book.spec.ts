import { expect, test, type Page } from '@playwright/test';
import Library from 'exceljs';
import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { accessible, cell, handOver, send, undo } from './sheet';

const folder = mkdtempSync(join(tmpdir(), 'books-'));
const TREES = ['Rowan', 'Aspen', 'Hazel', 'Osier', 'Elder', 'Maple', 'Lime', 'Yew'];

/** A workbook of sheets with a list each, in looks of their own. */
async function book(name: string, looks: { fill?: string; ink?: string; stripe?: string; font?: string; size?: number }[]) {
    const workbook = new Library.Workbook();
    looks.forEach(({ fill, ink, stripe, font, size }, at) => {
        const sheet = workbook.addWorksheet(`Beds ${at + 1}`);
        sheet.addRow(['Tree', 'Bags', 'Worth']);
        TREES.forEach((tree, row) => sheet.addRow([tree, row * 3 + at + 2, row * 1.5 + 0.25]));
        sheet.eachRow((row, number) =>
            row.eachCell((one) => {
                const heads = number === 1;
                if (font || heads)
                    one.font = {
                        name: font ?? 'Carlito',
                        size: size ?? 11,
                        bold: heads,
                        color: { argb: `FF${heads ? (ink ?? '000000') : '222222'}` },
                    };
                const paper = heads ? fill : number % 2 === 1 ? stripe : undefined;
                if (paper) one.fill = { type: 'pattern', pattern: 'solid', fgColor: { argb: `FF${paper}` } };
            }),
        );
    });
    const path = join(folder, `${name}.xlsx`);
    await workbook.xlsx.writeFile(path);
    return path;
}

async function pick(page: Page, path: string, sheet: string) {
    await page.goto('/');
    await page.getByLabel('Files to bring in').setInputFiles(path);
    await expect(page.getByRole('grid')).toHaveAccessibleName(`Cells of ${sheet}`);
}

/** What is seen behind and of a text on the sheet in view. */
async function seen(page: Page, text: string): Promise<{ fill: string; style: string; ink: string }> {
    return cell(page, text)
        .first()
        .evaluate((each) => {
            const box = each.getBoundingClientRect();
            const fills = [...document.querySelectorAll<HTMLElement>('.sheet [style*="background"]')].filter((fill) => {
                const at = fill.getBoundingClientRect();
                return (
                    at.left <= box.left + 1 && at.right >= box.right - 1 && at.top <= box.top + 1 && at.bottom >= box.bottom - 1
                );
            });
            const style = getComputedStyle(each);
            return {
                fill: fills.map((fill) => getComputedStyle(fill).backgroundColor).at(-1) ?? 'none',
                style: style.fontStyle,
                ink: style.color,
            };
        });
}

const open = async (page: Page, name: string) => {
    await page.goto('/');
    await page
        .getByRole('link', { name: new RegExp(`^${name}`) })
        .first()
        .click();
    await expect(cell(page, 'Rowan').first()).toBeVisible();
};

const openBook = async (page: Page, name: string) => {
    await page.goto('/');
    await page.getByRole('link', { name, exact: true }).click();
    await expect(page.getByRole('navigation', { name: 'Rules' })).toBeVisible();
};

const tray = (page: Page) => page.getByRole('region', { name: 'Tray' });

const keep = async (page: Page, version: number) => {
    await page.getByRole('button', { name: `Keep as version ${version}` }).click();
    await expect(page.getByText(`Version ${version} is kept.`)).toBeVisible();
    await expect(page.getByText('All is kept')).toBeVisible();
};

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
    await pick(page, good, 'Beds 1');
    await pick(page, odd, 'Beds 1');
    await pick(page, await book('Spare one', [{}]), 'Beds 1');
    await pick(page, await book('Spare two', [{ fill: '333333', ink: 'FFFFFF' }]), 'Beds 1');

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
    await pick(page, await book('Lichen lists', [alike, { fill: 'C2B280', font: 'Tinos' }, alike]), 'Beds 1');
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

test('two people change one stylebook: the second is told, sees both, and loses nothing', async ({ page }) => {
    await pick(page, await book('Dune list', [{}]), 'Beds 1');
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
    const other = await page.context().newPage();
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

test('the palette: named, renamed, ordered, replaced, made from one colour; all by key', async ({ page }) => {
    await page.goto('/');
    await page.getByRole('button', { name: 'New stylebook' }).focus();
    await page.keyboard.press('Enter');
    await page.getByRole('menuitem', { name: 'Market board' }).press('Enter');
    const rules = page.getByRole('navigation', { name: 'Rules' });
    await expect(page.getByRole('textbox', { name: 'Name of the stylebook' })).toHaveValue('Like Market board');
    await rules.getByRole('button', { name: /^Palette/ }).press('Enter');
    const palette = page.getByRole('region', { name: 'Palette' });
    await palette.getByRole('textbox', { name: 'Name of plum' }).fill('damson');
    await page.keyboard.press('Enter');
    await expect(undo(page, 'Colour "plum" renamed to "damson", everywhere Like Market board is worn')).toBeVisible();
    await palette.getByRole('button', { name: 'Move damson up' }).press('Enter');
    await expect(palette.getByRole('listitem').first().getByRole('textbox')).toHaveValue('damson');
    // A colour that rules say goes only when another takes its place.
    await palette.getByRole('button', { name: 'Take peach out' }).press('Enter');
    await palette.getByRole('group', { name: 'In the place of peach' }).getByRole('button', { name: 'cream' }).press('Enter');
    await expect(palette.getByRole('textbox', { name: 'Name of peach' })).toHaveCount(0);
    await accessible(page);
    await palette.getByRole('button', { name: 'All from one…' }).press('Enter');
    await page.getByLabel('Colour as a name or a code').fill('#1F5F8B');
    await page.getByRole('button', { name: 'Use', exact: true }).press('Enter');
    await expect(undo(page, /Palette of #1F5F8B/)).toBeVisible();
    await expect(page.getByRole('region', { name: 'Contrast' }).getByRole('button', { name: /^Mend/ })).toHaveCount(0);
    // Every step goes back, to where it began.
    for (let step = 0; step < 4; step++) {
        await page.keyboard.press('Control+z');
        await expect(page.getByText(/^Undone: /).last()).toBeVisible();
    }
    await expect(page.getByText('All is kept')).toBeVisible();
});

test('sizes of a stylebook: fonts that ship, a width by heading, a zoom that is given and taken back', async ({ page }) => {
    await page.goto('/');
    await page.getByRole('button', { name: 'New stylebook' }).click();
    await page.getByRole('menuitem', { name: 'Thin ink', exact: true }).click();
    const rules = page.getByRole('navigation', { name: 'Rules' });
    await rules.getByRole('button', { name: /^Type sizes/ }).click();
    const fonts = await page.getByRole('combobox', { name: 'Font', exact: true }).first().locator('option').allTextContents();
    expect(fonts).toEqual(expect.arrayContaining(['Carlito', 'Caladea', 'Arimo']));
    expect(new Set(fonts).size).toBe(fonts.length);
    await rules.getByRole('button', { name: /^Fit and opening/ }).click();
    const zoom = page.getByLabel('Opens at zoom');
    await zoom.fill('85');
    await zoom.press('Enter');
    await expect(zoom).toHaveValue('85');
    await expect(page.getByRole('button', { name: /^Undo/ })).toBeEnabled();
    await zoom.fill('');
    await zoom.press('Enter');
    await expect(zoom).toHaveValue('');
    await page.getByRole('button', { name: 'Add a heading…' }).click();
    await page.getByRole('textbox', { name: 'Heading' }).fill('Notes');
    await page.keyboard.press('Enter');
    await page.getByRole('textbox', { name: 'Width, such as 120 px' }).fill('160 px');
    await page.keyboard.press('Enter');
    const width = page.getByLabel(/^Width of columns headed notes/i);
    await expect(width).toHaveValue('160');
    await width.fill('9 bags');
    await width.press('Enter');
    await expect(
        page
            .getByRole('alert')
            .or(page.getByRole('status'))
            .filter({ hasText: /9 bags/ })
            .first(),
    ).toBeVisible();
    await expect(width).toHaveValue('160');
    await page.getByRole('button', { name: /^Columns headed notes follow/i }).click();
    await expect(width).toHaveCount(0);
    await page.keyboard.press('Control+z');
    await expect(width).toHaveValue('160');
});

test('a sheet holds a version, and is seen in a draft before anything is kept', async ({ page }) => {
    await pick(page, await book('Fen list', [{}]), 'Beds 1');
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
    await pick(page, await book('Moor list', [{}]), 'Beds 1');
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

test('stripes are laid by hand on a range, follow a key, and are in the file', async ({ page }) => {
    await pick(page, await book('Heath list', [{}]), 'Beds 1');
    await page.getByRole('button', { name: 'Format by hand' }).click();
    const address = page.getByLabel('Address of the selection');
    await address.fill('A2:C9');
    await address.press('Enter');
    await tray(page).getByRole('button', { name: 'Other colours for fill' }).click();
    await page.getByLabel('Colour as a name or a code').fill('#DDEEDD');
    await page.getByRole('button', { name: 'Stripes…' }).click();
    const dialog = page.getByRole('dialog', { name: 'Stripes on A2:C9' });
    await expect(dialog.getByLabel('Fill of the second band')).toHaveValue('#DDEEDD');
    await accessible(page);
    await dialog.getByLabel('One band is').fill('2');
    await dialog.getByRole('button', { name: 'Lay them' }).click();
    await expect(undo(page, 'Stripes laid, A2:C9')).toBeVisible();
    await expect.poll(async () => (await seen(page, 'Hazel')).fill).toBe('rgb(221, 238, 221)');
    expect((await seen(page, 'Rowan')).fill).not.toBe('rgb(221, 238, 221)');
    // Rows that are put in are counted, and striped.
    await page.getByRole('rowheader', { name: '3', exact: true }).click();
    await page.getByRole('rowheader', { name: '3', exact: true }).click({ button: 'right' });
    await page.getByRole('menuitem', { name: 'Put row in above 3' }).click();
    await expect.poll(async () => (await seen(page, 'Aspen')).fill).toBe('rgb(221, 238, 221)');
    const sheet = (await handOver(page)).worksheets[0];
    expect(sheet?.getCell('A4').fill).toMatchObject({ fgColor: { argb: 'FFDDEEDD' } });
    expect(JSON.stringify(sheet?.getCell('A2').fill ?? {})).not.toContain('DDEEDD');
    // By the tray they are known for what they are, and they are taken off as they were laid.
    await cell(page, 'Aspen').first().click();
    await expect(tray(page).getByTitle('stripes by hand').first()).toBeVisible();
    await tray(page).getByRole('button', { name: 'Other colours for fill' }).click();
    await page.getByRole('button', { name: 'Stripes…' }).click();
    await page.getByRole('dialog').getByRole('button', { name: 'Take stripes off' }).click();
    await expect(undo(page, /Stripes taken off/)).toBeVisible();
    await expect.poll(async () => (await seen(page, 'Aspen')).fill).not.toBe('rgb(221, 238, 221)');
});

test('lists of the Stylebook screen are typed into: letters of one word are one step, and Ctrl+Z takes it back', async ({
    page,
}) => {
    await page.goto('/');
    await page.getByRole('button', { name: 'New stylebook' }).click();
    await page.getByRole('menuitem', { name: 'Thin ink', exact: true }).click();
    const rules = page.getByRole('navigation', { name: 'Rules' });
    await rules.getByRole('button', { name: /^Type sizes/ }).press('Enter');
    const font = page.getByRole('complementary', { name: 'Rule' }).getByRole('combobox', { name: 'Font', exact: true });
    const was = await font.inputValue();
    await font.focus();
    await page.keyboard.type('Gelasio');
    await expect(undo(page, /./)).toBeEnabled();
    await expect(font).toHaveValue('Gelasio');
    // One step, and not one a letter.
    await page.keyboard.press('Control+z');
    await expect(font).toHaveValue(was);
    await expect(page.getByText('All is kept')).toBeVisible();
    await page.keyboard.press('Control+y');
    await expect(font).toHaveValue('Gelasio');
    await rules.getByRole('button', { name: /^Stripes/ }).press('Enter');
    const change = page.getByRole('complementary', { name: 'Rule' }).getByRole('combobox', { name: 'Change', exact: true });
    const before = await change.inputValue();
    // What is reached by arrows is chosen where it rests, or with Enter.
    await change.focus();
    await page.keyboard.press('End');
    await page.keyboard.press('Enter');
    await expect(change).toHaveValue('columns');
    await page.keyboard.press('Control+z');
    await expect(change).toHaveValue(before);
    await accessible(page);
});
