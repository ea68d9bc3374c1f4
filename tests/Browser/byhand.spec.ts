import { expect, test, type Page } from '@playwright/test';
import Library from 'exceljs';
import { accessible } from './accessible';
import { bringIn, cell, openBench, select, undo } from './sheet';

const RAW = `Orders at the ford,,,,,
,,,,,
Item,Planned,Done,Planned,Done,Remarks for the year
Birch,5,6,7,8,late
Rowan,1,2,3,4,early
All,6,8,10,12,
`;

async function opened(page: Page, name: string): Promise<void> {
    await bringIn(page, `${name}.csv`, RAW);
    await page.getByRole('button', { name: 'Format by hand' }).click();
}

const tray = (page: Page, name: string | RegExp) =>
    page.getByRole('region', { name: 'Tray' }).getByRole('button', { name, exact: true });

test('a report heading is built by hand and taken back step by step', async ({ page }) => {
    await opened(page, 'Ford report');

    // The title, spanned over six columns.
    await select(page, 'A1:F1');
    await tray(page, 'Span').click();
    await expect(undo(page, 'Spanned, A1:F1')).toBeVisible();
    await tray(page, 'Bold').click();
    await page.getByLabel('Size in points').fill('18');
    await page.getByLabel('Size in points').press('Enter');
    await expect(undo(page, '18 pt, A1:F1')).toBeVisible();
    await expect(cell(page, 'Orders at the ford')).toHaveCSS('justify-content', 'center');
    await expect(cell(page, 'Orders at the ford')).toHaveCSS('font-size', '24px');

    // A further row of headings: two column groups, typed in, the second row wrapped.
    await select(page, 'B2');
    await page.keyboard.type('Spring');
    await page.keyboard.press('Enter');
    await expect(cell(page, 'Spring')).toBeVisible();
    await select(page, 'D2');
    await page.keyboard.type('Autumn');
    await page.keyboard.press('Enter');
    await expect(cell(page, 'Autumn')).toBeVisible();
    await select(page, 'B2:C2,D2:E2');
    await tray(page, 'Span').click();
    await expect(undo(page, 'Spanned, B2:C2,D2:E2')).toBeVisible();
    await select(page, 'A3:F3');
    await tray(page, /^Long text/).click();
    await page.getByRole('menuitem', { name: 'Wraps to more lines' }).click();
    await expect(cell(page, 'Remarks for the year')).toHaveCSS('white-space', 'pre-wrap');

    // Lines: thin inner ones, a strong outline, a total rule; the pen stays as set.
    await select(page, 'A3:F6');
    await tray(page, 'Inner lines only').click();
    await expect(undo(page, 'Borders, A3:F6')).toBeVisible();
    await page.getByRole('button', { name: 'Pen: Thin' }).click();
    await page.getByRole('menuitem', { name: 'Medium', exact: true }).click();
    await tray(page, 'Outline').click();
    await select(page, 'A6:F6');
    await expect(page.getByRole('button', { name: 'Pen: Medium' })).toBeVisible();
    await tray(page, 'Total rule: single above, double below').click();
    await expect(undo(page, 'Borders, A6:F6')).toBeVisible();
    await accessible(page);

    await page.getByRole('button', { name: 'Hand over' }).click();
    await page.getByRole('button', { name: 'Write the file' }).click();
    const download = page.waitForEvent('download');
    await page.getByRole('link', { name: 'Download the xlsx' }).click();
    const book = new Library.Workbook();
    await book.xlsx.readFile(await (await download).path());
    const sheet = book.worksheets[0];
    expect(sheet?.getCell('A1').alignment.horizontal).toBe('centerContinuous');
    expect(sheet?.getCell('A1').font).toMatchObject({ bold: true, size: 18 });
    expect(sheet?.getCell('B2').value).toBe('Spring');
    expect(sheet?.getCell('A3').border).toMatchObject({
        top: { style: 'medium' },
        left: { style: 'medium' },
        right: { style: 'thin' },
        bottom: { style: 'thin' },
    });
    expect(sheet?.getCell('C6').border).toMatchObject({ top: { style: 'thin' }, bottom: { style: 'double' } });
    await page.getByRole('button', { name: 'Close' }).click();

    const acts = [
        'Borders, A6:F6',
        'Borders, A3:F6',
        'Borders, A3:F6',
        'Wrap, A3:F3',
        'Spanned, B2:C2,D2:E2',
        'Data: D2 typed',
        'Data: B2 typed',
        '18 pt, A1:F1',
        'Bold, A1:F1',
        'Spanned, A1:F1',
    ];
    for (const [step, words] of acts.entries()) {
        await undo(page, words).click();
        await expect(page.getByRole('button', { name: `Redo: ${words}`, exact: true })).toBeEnabled();
        const next = acts[step + 1];
        if (next) await expect(undo(page, next)).toBeEnabled();
    }
    await expect(cell(page, 'Spring')).toHaveCount(0);
    await expect(cell(page, 'Orders at the ford')).toHaveCSS('justify-content', 'flex-start');
});

test('the same heading with the keyboard alone', async ({ page }) => {
    await opened(page, 'Ford keys');
    const grid = page.getByRole('grid');
    const address = page.getByLabel('Address of the selection');
    const hit = async (name: string) => {
        await tray(page, name).focus();
        await page.keyboard.press('Enter');
    };
    await grid.focus();
    await page.keyboard.press('Control+Home');
    for (let step = 0; step < 5; step++) await page.keyboard.press('Shift+ArrowRight');
    await expect(address).toHaveValue('A1:F1');
    await hit('Span');
    await expect(undo(page, 'Spanned, A1:F1')).toBeEnabled();
    await grid.focus();
    await page.keyboard.press('Control+b');
    await expect(undo(page, 'Bold, A1:F1')).toBeEnabled();

    // The headings of the table by key, then a wrap by name.
    await page.keyboard.press('ArrowDown');
    await page.keyboard.press('ArrowDown');
    await page.keyboard.press('Alt+h');
    await expect(address).toHaveValue('A3:F3');
    await page.keyboard.press('Control+k');
    await page.keyboard.type('wrap');
    await page.keyboard.press('Enter');
    await expect(undo(page, 'Wrap, A3:F3')).toBeEnabled();

    // Lines from the frame picker: drawn, and wiped when pressed again.
    await page.getByRole('button', { name: 'Bottom edge' }).focus();
    await page.keyboard.press('Enter');
    await expect(undo(page, 'Borders, A3:F3')).toBeEnabled();
    await page.keyboard.press('Enter');
    await expect(undo(page, 'Borders wiped, A3:F3')).toBeEnabled();

    // A colour by hex, through its menu.
    await page.getByRole('button', { name: 'Other colours for fill' }).focus();
    await page.keyboard.press('Enter');
    await page.getByLabel('Colour as a name or a code').focus();
    await page.keyboard.type('hsl(270, 30%, 26%)');
    await page.keyboard.press('Enter');
    await expect(undo(page, 'Fill #422E56, A3:F3')).toBeEnabled();
    await page.getByRole('button', { name: 'Readable ink' }).focus();
    await page.keyboard.press('Enter');
    await expect(undo(page, 'Ink #FFFFFF, A3:F3')).toBeEnabled();
    await expect(cell(page, 'Item')).toHaveCSS('color', 'rgb(255, 255, 255)');
    await grid.focus();
    for (let step = 0; step < 7; step++) await page.keyboard.press('Control+z');
    await expect(page.getByRole('button', { name: 'Undo', exact: true })).toBeDisabled();
});

test('merging says what it would hide, and splitting brings it back', async ({ page }) => {
    await opened(page, 'Ford merge');
    await select(page, 'A4:C4');
    await tray(page, 'Merge').click();
    const dialog = page.getByRole('dialog', { name: 'More than one cell holds something' });
    await expect(dialog.getByRole('listitem')).toHaveText(['5', '6']);
    await accessible(page);
    await dialog.getByRole('button', { name: 'Join the texts' }).click();
    await expect(cell(page, 'Birch 5 6')).toBeVisible();
    await tray(page, 'Split').click();
    await expect(cell(page, 'Birch')).toBeVisible();
    await expect(cell(page, '6').first()).toBeVisible();
});

test('a part takes an act everywhere its stylebook is worn, with one undo', async ({ page }) => {
    await openBench(page, 'Nursery year');
    await page
        .getByRole('navigation', { name: 'Outline' })
        .getByRole('button', { name: /Column headings/ })
        .click();
    await page.getByRole('radio', { name: /^Column headings, all \d+ sheets$/ }).click();
    await tray(page, 'Italic').click();
    await expect(cell(page, 'Species').first()).toHaveCSS('font-style', 'italic');
    await page.getByRole('navigation', { name: 'Outline' }).getByRole('button', { name: 'Orders', exact: true }).click();
    await expect(cell(page, 'Customer')).toHaveCSS('font-style', 'italic');
    await page.keyboard.press('Control+z');
    await expect(cell(page, 'Customer')).toHaveCSS('font-style', 'normal');
});

test('a named look is laid on three sheets and on a second workbook, and a lifted one until Escape', async ({ page }) => {
    await openBench(page, 'Nursery year');
    await select(page, 'B7');
    await page.getByRole('button', { name: 'Other colours for fill' }).click();
    await page.getByLabel('Colour as a name or a code').fill('#FFE08A');
    await page.getByRole('button', { name: 'Use', exact: true }).click();
    await expect(undo(page, 'Fill #FFE08A, B7')).toBeVisible();
    await accessible(page);

    await page.getByRole('button', { name: 'Named looks' }).click();
    await page.getByRole('menuitem', { name: 'Keep the look of the selection…' }).click();
    await page.getByLabel('Name of the look').fill('Look again');
    await accessible(page);
    await page.getByRole('button', { name: 'Keep', exact: true }).click();
    await expect(undo(page, 'Look "Look again" kept, everywhere River ledger is worn')).toBeVisible();

    // On three sheets at once: two more are chosen in the outline with Ctrl.
    const outline = page.getByRole('navigation', { name: 'Outline' });
    await outline.getByRole('button', { name: 'Orders', exact: true }).click({ modifiers: ['Control'] });
    await outline.getByRole('button', { name: 'Germination lab', exact: true }).click({ modifiers: ['Control'] });
    await select(page, 'B9:C9');
    await page.getByRole('button', { name: 'Named looks' }).click();
    await page.getByRole('menuitem', { name: 'Look again', exact: true }).first().click();
    await expect(undo(page, 'Look "Look again" laid, B9:C9, 3 sheets')).toBeVisible();

    // On a second workbook that wears the same stylebook.
    await bringIn(page, 'Second.csv', RAW);
    await page.getByRole('button', { name: /River ledger/ }).click();
    await expect(page.getByText('wears River ledger')).toBeVisible();
    await select(page, 'B4');
    await page.getByRole('button', { name: 'Named looks' }).click();
    await page.getByRole('menuitem', { name: 'Look again', exact: true }).first().click();
    await expect(undo(page, 'Look "Look again" laid, B4')).toBeVisible();

    // Lifted, and laid again and again.
    await select(page, 'B4');
    await page.getByRole('button', { name: 'Lift the look' }).click();
    await page.getByRole('menuitem', { name: 'All of it', exact: true }).click();
    await expect(page.getByText('Laying the look of B4')).toBeVisible();
    await cell(page, 'late').click();
    await expect(undo(page, 'Look laid, F4')).toBeVisible();
    await cell(page, 'early').click();
    await expect(undo(page, 'Look laid, F5')).toBeVisible();
    await page.keyboard.press('Escape');
    await expect(page.getByText('Laying the look of B4')).toHaveCount(0);

    // Back to a point of the history.
    await page.getByRole('button', { name: 'History' }).click();
    await accessible(page);
    await page.getByRole('button', { name: /Dressed in River ledger/ }).click();
    await expect(undo(page, 'Dressed in River ledger, Second')).toBeVisible();
});

test('wrong values are refused in words, and nothing is lost', async ({ page }) => {
    await opened(page, 'Ford wrong');
    await select(page, 'A1');
    await page.getByLabel('Size in points').fill('5000');
    await page.getByLabel('Size in points').press('Enter');
    await expect(page.getByRole('status')).toContainText('a number from 1 to 409');
    await page.getByRole('button', { name: /^Number format/ }).click();
    await page.getByLabel('Number format code').fill('0.00"');
    await page.getByLabel('Number format code').press('Enter');
    await expect(page.getByRole('status')).toContainText('the quotation mark is not closed');
    await page.keyboard.press('Escape');
    await page.getByLabel('Address of the selection').fill('B99999999');
    await page.getByLabel('Address of the selection').press('Enter');
    await expect(page.getByRole('status')).toContainText('reads like a cell');
});

test('a named look says where it is worn, gets another name, and leaves its wearers a choice', async ({ page }) => {
    await bringIn(page, 'Ford looks.csv', RAW);
    await page.getByRole('button', { name: /River ledger/ }).click();
    await expect(page.getByText('wears River ledger')).toBeVisible();
    await select(page, 'B4');
    await page.getByRole('button', { name: 'Other colours for fill' }).click();
    await page.getByLabel('Colour as a name or a code').fill('#FFE08A');
    await page.getByRole('button', { name: 'Use', exact: true }).click();
    await page.getByRole('button', { name: 'Named looks' }).click();
    await page.getByRole('menuitem', { name: 'Keep the look of the selection…' }).click();
    await page.getByLabel('Name of the look').fill('To ask');
    await page.keyboard.press('Enter');
    await expect(undo(page, 'Look "To ask" kept, everywhere River ledger is worn')).toBeVisible();
    await select(page, 'B5:C6');
    await page.getByRole('button', { name: 'Named looks' }).click();
    await page.getByRole('menuitem', { name: 'To ask', exact: true }).click();
    await expect(undo(page, 'Look "To ask" laid, B5:C6')).toBeVisible();

    await page.getByRole('button', { name: 'Named looks' }).click();
    await page.getByRole('menuitem', { name: 'Where worn, rename, delete…' }).click();
    const looks = page.getByRole('dialog', { name: 'Named looks' });
    await expect(looks.getByRole('button', { name: /Ford looks: 4 cells/ })).toBeVisible();
    await accessible(page);
    await looks.getByRole('listitem', { name: 'To ask' }).getByRole('button', { name: 'Rename' }).click();
    await page.getByLabel('Name of the look').fill('Ask the grower');
    await page.keyboard.press('Enter');
    const renamed = looks.getByRole('listitem', { name: 'Ask the grower' });
    await expect(renamed.getByRole('button', { name: /Ford looks: 4 cells/ })).toBeVisible();
    await renamed.getByRole('button', { name: 'Delete' }).click();
    await renamed.getByRole('button', { name: 'Stay as they look, by hand' }).click();
    await expect(renamed).toHaveCount(0);
    await looks.getByRole('button', { name: 'Close' }).click();
    await select(page, 'C6');
    await expect(page.getByRole('region', { name: 'Colour' }).getByText('hand touch')).toBeVisible();
});

test('cells are copied with their looks, pasted without them, and cleared', async ({ page, context }) => {
    await context.grantPermissions(['clipboard-read', 'clipboard-write']);
    await opened(page, 'Ford copies');
    await select(page, 'A4');
    await page.keyboard.press('Control+b');
    await expect(undo(page, 'Bold, A4')).toBeVisible();
    await page.keyboard.press('Control+c');
    await expect(page.getByText(/Copied A4/)).toBeVisible();
    const bold = tray(page, 'Bold');
    await select(page, 'A20');
    await page.keyboard.press('Control+v');
    await expect(undo(page, 'Data: A20 pasted with looks')).toBeVisible();
    await expect(cell(page, 'Birch')).toHaveCount(2);
    await expect(bold).toHaveAttribute('aria-pressed', 'true');
    await select(page, 'A22');
    await page.keyboard.press('Control+Shift+v');
    await expect(undo(page, 'Data: A22 pasted')).toBeVisible();
    await expect(cell(page, 'Birch')).toHaveCount(3);
    await expect(bold).toHaveAttribute('aria-pressed', 'false');
    await select(page, 'A20:A22');
    await page.keyboard.press('Delete');
    await expect(undo(page, 'Data: cleared A20:A22')).toBeVisible();
    await expect(cell(page, 'Birch')).toHaveCount(1);
});

test('one colour gives headings, data and totals a family', async ({ page }) => {
    await opened(page, 'Ford family');
    await select(page, 'B4');
    await page.getByRole('button', { name: 'Other colours for fill' }).click();
    await page.getByLabel('Colour as a name or a code').fill('#1F5F8B');
    await expect(page.getByRole('button', { name: 'Headings', exact: true })).toBeVisible();
    await accessible(page);
    await page.getByRole('button', { name: 'Give it to this sheet' }).click();
    await expect(undo(page, 'Colour family of #1F5F8B')).toBeVisible();
    await expect(page.getByRole('region', { name: 'Colour' })).toContainText(/reads well|readable/);
});
