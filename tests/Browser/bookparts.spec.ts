import { expect, test } from '@playwright/test';
import { book, seen, tray } from './books';
import { accessible } from './accessible';
import { cell, handOver, pick, undo } from './sheet';

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

test('stripes are laid by hand on a range, follow a key, and are in the file', async ({ page }) => {
    await pick(page, await book('Heath list', [{}]));
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
