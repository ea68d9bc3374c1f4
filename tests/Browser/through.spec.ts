import { expect, test } from '@playwright/test';
import Library from 'exceljs';
import { accessible } from './accessible';
import { cell, drop, openBench } from './sheet';

const TABLE = `Stock at the ford;;;
Money in pounds;;;
Lot;Species;Count;Worth
00412;Silver birch;5;10,00
00415;Rowan;7;20,50
00417;Aspen;1;30,00
00420;Hazel;2;4,00
Everything;;15;64,50
`;

test('what is kept is what was chosen last, however slow the answers are', async ({ page }) => {
    let wait = 1_200;
    await page.route('**/imports/*', async (route) => {
        if (route.request().method() !== 'PATCH') return route.fallback();
        const mine = wait;
        // The first answer would be the last to come.
        wait = 50;
        await new Promise((done) => setTimeout(done, mine));
        return route.fallback();
    });
    await page.goto('/');
    await drop(page, 'Late list.csv', TABLE);
    const proposal = page.getByRole('dialog', { name: 'Late list.csv' });
    await proposal.getByLabel('Delimiter').selectOption(',');
    await expect(proposal.getByLabel('Delimiter')).toHaveValue(',');
    await proposal.getByLabel('Delimiter').selectOption('|');
    await proposal.getByLabel('Delimiter').selectOption(';');
    await proposal.getByRole('button', { name: 'Keep this table' }).click();
    await expect(cell(page, 'Silver birch')).toBeVisible();
    await expect(cell(page, 'Lot')).toBeVisible();
});

test('a delimiter that is refused is told, and nothing is kept by the press after it', async ({ page }) => {
    let answer = () => {};
    const pressed = new Promise<void>((done) => (answer = done));
    await page.route('**/imports/*', async (route) => {
        if (route.request().method() !== 'PATCH') return route.fallback();
        await pressed;
        return route.fulfill({ status: 422, json: { message: 'No rows could be read that way.' } });
    });
    await page.goto('/');
    await drop(page, 'Refused list.csv', TABLE);
    const proposal = page.getByRole('dialog', { name: 'Refused list.csv' });
    await proposal.getByLabel('Delimiter').selectOption('|');
    await proposal.getByRole('button', { name: 'Keep this table' }).click();
    answer();
    await expect(page.getByText('No rows could be read that way.')).toBeVisible();
    await expect(proposal.getByLabel('Delimiter')).toHaveValue(';');
    await expect(proposal.getByRole('button', { name: 'Keep this table' })).toBeEnabled();
    await expect(proposal.getByRole('cell', { name: 'Silver birch', exact: true })).toBeVisible();
});

test('a raw table is dropped, read, corrected, dressed, undone, done again and handed over', async ({ page }) => {
    await page.goto('/');
    await expect(page.getByRole('heading', { name: 'Workbooks' })).toBeVisible();
    await drop(page, 'Ford list.csv', TABLE);

    const proposal = page.getByRole('dialog', { name: 'Ford list.csv' });
    await expect(proposal.getByLabel('Delimiter')).toHaveValue(';');
    await expect(proposal.getByRole('cell', { name: 'Silver birch' })).toBeVisible();
    await accessible(page);
    await proposal.getByLabel('Delimiter').selectOption(',');
    await expect(proposal.getByRole('cell', { name: 'Silver birch', exact: true })).toHaveCount(0);
    await proposal.getByLabel('Delimiter').selectOption(';');
    await proposal.getByRole('button', { name: 'Keep this table' }).click();

    const outline = page.getByRole('navigation', { name: 'Outline' });
    await expect(outline.getByRole('button', { name: /Title/ })).toBeVisible();
    await outline.getByRole('button', { name: /Body/ }).click();
    await expect(page.getByLabel('Address of the selection')).toHaveValue('C4:D7');
    await expect(page.getByText('sum 79.50')).toBeVisible();

    // A correction, by the menu of the bracket: the last row of data is a subtotal.
    await outline.getByRole('button', { name: 'Total', exact: false }).first().click();
    await page.getByRole('button', { name: 'Total, rows 8 to 8' }).click();
    await page.getByRole('menuitem', { name: 'Subtotal' }).click();
    await expect(outline.getByRole('button', { name: /Subtotals/ })).toBeVisible();
    await expect(page.getByRole('button', { name: 'Undo: Row 8 read as subtotals, Ford list' })).toBeEnabled();
    await page.keyboard.press('Control+z');
    await expect(outline.getByRole('button', { name: /Subtotals/ })).toHaveCount(0);

    // By dragging the end of a bracket: the body takes in the row below it.
    const handle = page.locator('[data-part=body] [data-handle=last]').first();
    const box = await handle.boundingBox();
    if (!box) throw new Error('the bracket has no end');
    await page.mouse.move(box.x + 4, box.y + 3);
    await page.mouse.down();
    await page.mouse.move(box.x + 4, box.y + 26, { steps: 4 });
    await page.mouse.up();
    await expect(outline.getByRole('button', { name: /^B Body 5 rows|Body 5 rows/ })).toBeVisible();
    await page.keyboard.press('Control+z');
    await expect(outline.getByRole('button', { name: /Body 4 rows/ })).toBeVisible();

    // A dress is seen before it is kept.
    const tray = page.getByRole('region', { name: 'Tray' });
    await tray.getByRole('button', { name: /River ledger/ }).hover();
    await expect(page.getByText('Trying on River ledger, not kept')).toBeVisible();
    await page.getByRole('heading', { name: 'Stylebook', exact: false }).first().hover();
    await tray.getByRole('button', { name: /River ledger/ }).click();
    await expect(page.getByText('wears River ledger')).toBeVisible();
    await expect(cell(page, 'Species')).toHaveCSS('font-weight', '700');
    await expect(cell(page, 'Species')).toHaveCSS('color', 'rgb(255, 255, 255)');
    await expect(cell(page, '20.50')).toHaveCSS('justify-content', 'flex-end');
    await page.mouse.move(640, 300);
    await page.getByRole('button', { name: 'Undo: Dressed in River ledger, Ford list' }).click();
    await expect(page.getByText('wears no stylebook')).toBeVisible();
    await page.getByRole('button', { name: 'Redo: Dressed in River ledger, Ford list' }).click();
    await expect(page.getByText('wears River ledger')).toBeVisible();
    await accessible(page);

    await page.getByRole('button', { name: 'Hand over' }).click();
    await page.getByRole('button', { name: 'Write the file' }).click();
    await expect(page.getByTestId('proof')).toContainText('25 cells compared, 0 values and 0 formulas changed');
    await accessible(page);
    const download = page.waitForEvent('download');
    await page.getByRole('link', { name: 'Download the xlsx' }).click();
    const book = new Library.Workbook();
    await book.xlsx.readFile(await (await download).path());
    const sheet = book.getWorksheet('Ford list');
    expect(sheet?.getCell('A4').value).toBe('00412');
    expect(sheet?.getCell('D5').value).toBe(20.5);
    expect(sheet?.getCell('A3').fill).toMatchObject({ pattern: 'solid', fgColor: { argb: 'FF3F2F55' } });
    expect(sheet?.getCell('D8').border.bottom?.style).toBe('double');
});

test('the demo stands on the shelf, and a workbook is dressed whole by keyboard', async ({ page }) => {
    await openBench(page, 'Hollin Lane site');
    await page.keyboard.press('Control+k');
    await page.getByRole('combobox', { name: 'Find an action' }).fill('sheet beds');
    await page.keyboard.press('Enter');
    await expect(cell(page, 'north').first()).toBeVisible();
    await page.getByRole('radio', { name: 'All 2 sheets' }).focus();
    await page.keyboard.press('Space');
    await page.getByRole('checkbox', { name: 'Start clean' }).focus();
    await page.keyboard.press('Space');
    await page.getByRole('button', { name: /Plain rule/ }).focus();
    await page.keyboard.press('Enter');
    await expect(page.getByText('wears Plain rule')).toBeVisible();
    await page.goto('/');
    await expect(page.getByRole('link', { name: /^Hollin Lane site/ })).toContainText('Plain rule');
    await accessible(page);
});

test('columns are corrected, and moving by key goes through the grid', async ({ page }) => {
    await openBench(page, 'Nursery year');
    await page.getByRole('button', { name: 'Correct column E' }).focus();
    await page.keyboard.press('Enter');
    await page.getByRole('menuitem', { name: 'category' }).click();
    await expect(page.getByRole('button', { name: /Pot, l category/ })).toBeVisible();
    await page.keyboard.press('Control+z');
    await expect(page.getByRole('button', { name: /Pot, l integer/ })).toBeVisible();

    const address = page.getByLabel('Address of the selection');
    await page.getByRole('grid').focus();
    await page.keyboard.press('ArrowDown');
    await page.keyboard.press('ArrowRight');
    await expect(address).toHaveValue('B2');
    await page.keyboard.press('Shift+ArrowDown');
    await page.keyboard.press('Shift+ArrowRight');
    await expect(address).toHaveValue('B2:C3');
    await page.keyboard.press('Control+a');
    await expect(address).toHaveValue('A1:J30');
    await page.keyboard.press('Alt+h');
    await expect(address).toHaveValue('A5:J5');
    await address.fill('C7,E9:F10');
    await address.press('Enter');
    await expect(address).toHaveValue('C7,E9:F10');
});

test('cells are added to a selection and taken away from it', async ({ page }) => {
    await openBench(page, 'Nursery year');
    const address = page.getByLabel('Address of the selection');
    await cell(page, 'Silver birch').click();
    await expect(address).toHaveValue('B7');
    await cell(page, 'Bird cherry').click({ modifiers: ['Shift'] });
    await expect(address).toHaveValue('B7:B10');
    await cell(page, 'Rowan')
        .first()
        .click({ modifiers: ['Control'] });
    await expect(address).toHaveValue('B7:B8,B10');
    await cell(page, 'Rowan')
        .first()
        .click({ modifiers: ['Control'] });
    await expect(address).toHaveValue('B7:B8,B10,B9');
});

test('a selection is named and found again, rows are put in, and a cell is typed with a line break', async ({ page }) => {
    await openBench(page, 'Nursery year');
    const address = page.getByLabel('Address of the selection');
    await address.fill('B7:C10');
    await address.press('Enter');
    await address.fill('UpperNames');
    await address.press('Enter');
    await expect(
        page
            .getByRole('region', { name: 'Names' })
            .getByRole('button', { name: /UpperNames/ })
            .first(),
    ).toBeVisible();
    await address.fill('A1');
    await address.press('Enter');
    await address.fill('uppernames');
    await address.press('Enter');
    await expect(address).toHaveValue('B7:C10');

    // By the menu of the row numbers: a row inside the body is body.
    await page.getByRole('rowheader', { name: '9', exact: true }).click({ button: 'right' });
    await page.getByRole('menuitem', { name: 'Put row in above 9' }).click();
    await expect(page.getByRole('navigation', { name: 'Outline' }).getByRole('button', { name: /Body 17 rows/ })).toBeVisible();
    await address.fill('B9');
    await address.press('Enter');
    await page.getByRole('grid').press('F2');
    const editor = page.getByLabel('Content of the cell, row 9');
    await editor.pressSequentially('Spindle');
    await editor.press('Alt+Enter');
    await editor.pressSequentially('tree');
    await editor.press('Enter');
    await expect(page.getByRole('gridcell').filter({ hasText: 'Spindle' })).toHaveText('Spindle\ntree');
    await expect(page.getByRole('button', { name: 'Undo: Data: B9 typed' })).toBeEnabled();
    await page.getByRole('button', { name: 'Undo: Data: B9 typed' }).click();
    await page.getByRole('button', { name: 'Undo: Row put in at 9, Stock' }).click();
    await expect(page.getByRole('navigation', { name: 'Outline' }).getByRole('button', { name: /Body 16 rows/ })).toBeVisible();
    await page.getByRole('button', { name: 'Undo: Selection named "UpperNames"' }).click();
});

test('what is wrong with a file is said, and scripts in cells stay text', async ({ page }) => {
    await page.goto('/');
    await drop(page, 'photo.xlsx', '\u0089PNG');
    await expect(page.getByRole('status')).toContainText('photo.xlsx');
    let alerted = false;
    page.on('dialog', (dialog) => {
        alerted = true;
        void dialog.dismiss();
    });
    await drop(page, 'evil.csv', 'Name,Count\n<img src=x onerror=alert(1)>,1\n<script>alert(2)</script>,2\n');
    await page.getByRole('button', { name: 'Keep this table' }).click();
    await expect(cell(page, '<script>alert(2)</script>')).toBeVisible();
    expect(alerted).toBe(false);
});

test('a request without the token is refused', async ({ request }) => {
    const answer = await request.post('/api/imports/paste', { data: { text: 'a\tb', html: '' } });
    expect(answer.status()).toBe(419);
});
