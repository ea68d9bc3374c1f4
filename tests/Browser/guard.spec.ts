import { expect, test, type Page } from '@playwright/test';
import Library from 'exceljs';
import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { accessible } from './accessible';
import { act, cell, handOver, pick, select, undo } from './sheet';

const folder = mkdtempSync(join(tmpdir(), 'guard-'));

/** An order form: species and count to be filled in, price and value worked out, and two sheets that support it. */
async function form(name: string, frozen = 0) {
    const workbook = new Library.Workbook();
    const sheet = workbook.addWorksheet('Order', frozen > 0 ? { views: [{ state: 'frozen', ySplit: frozen }] } : {});
    sheet.addRow(['Line', 'Species', 'Count', 'Status', 'Price', 'Value']);
    const species = ['Osier', 'Alder', 'Aspen', 'Rowan'];
    for (let row = 2; row <= 9; row++) {
        const at = row - 2;
        sheet.addRow([
            `L${at + 1}`,
            species[at] ?? null,
            at < 4 ? at * 10 + 5 : null,
            null,
            { formula: `IF(B${row}="",0,1.5)`, result: at < 4 ? 1.5 : 0 },
            { formula: `C${row}*E${row}`, result: at < 4 ? (at * 10 + 5) * 1.5 : 0 },
        ]);
        sheet.getCell(`B${row}`).dataValidation = { type: 'list', allowBlank: true, formulae: ['Lists!$A$2:$A$5'] };
    }
    const steps = workbook.addWorksheet('Steps');
    steps.addRow(['From', 'Twice', 'Four times']);
    for (let row = 2; row <= 7; row++)
        steps.addRow([
            { formula: `ROW()*10`, result: row * 10 },
            { formula: `A${row}*2`, result: row * 20 },
            { formula: `B${row}*2`, result: row * 40 },
        ]);
    const lists = workbook.addWorksheet('Lists');
    for (const each of ['Species', ...species]) lists.addRow([each]);
    const path = join(folder, `${name}.xlsx`);
    await workbook.xlsx.writeFile(path);
    return path;
}

const guard = (page: Page) => page.getByRole('region', { name: 'Entry and guard' });
const choices = (page: Page) => page.getByRole('listbox', { name: 'Choices' }).getByRole('option');
const address = (page: Page) => page.getByLabel('Address of the selection');
const more = async (page: Page, words: string) => {
    await guard(page).getByRole('button', { name: 'More of entry and guard' }).click();
    await page.getByRole('menuitem', { name: words, exact: true }).click();
};
const fillOf = (page: Page, row: number, column: number) =>
    page
        .locator('.sheet')
        .first()
        .evaluate(
            (sheet, at) => {
                const found = sheet.querySelector<HTMLElement>(`[aria-rowindex="${at.row}"] [aria-colindex="${at.column}"]`);
                if (!found) return 'not there';
                const box = found.getBoundingClientRect();
                const fills = [...sheet.querySelectorAll<HTMLElement>('[style*="background"]')].filter((fill) => {
                    const on = fill.getBoundingClientRect();
                    return (
                        on.left <= box.left + 1 &&
                        on.right >= box.right - 1 &&
                        on.top <= box.top + 1 &&
                        on.bottom >= box.bottom - 1
                    );
                });
                return fills.map((fill) => getComputedStyle(fill).backgroundColor).at(-1) ?? 'none';
            },
            { row, column },
        );

test('a form is guarded by mouse: marked, locked, choices offered, protected, tried as its reader, arranged by role', async ({
    page,
}) => {
    await pick(page, await form('By mouse'));
    await expect(guard(page).getByLabel('What the sheet is for')).toHaveValue('');
    await expect(guard(page)).toContainText('Entry (read)');
    await expect(guard(page).getByRole('button', { name: /Formula cells/ })).toContainText('16');
    await expect(guard(page).getByRole('button', { name: /Choice cells/ })).toContainText('8');
    await guard(page).getByLabel('Mark the formula cells').click();
    await expect(undo(page, 'Formula cells marked, Order')).toBeVisible();
    await expect.poll(() => fillOf(page, 3, 6)).toBe('rgb(239, 237, 232)');
    expect(await fillOf(page, 3, 3)).toBe('none');
    await more(page, 'Lock formulas, open entries');
    await expect(undo(page, 'Formulas locked and entries open, Order')).toBeVisible();

    // What Status takes is said of its column.
    await page.getByRole('columnheader', { name: 'D', exact: true }).click();
    await select(page, 'D3');
    await guard(page).getByRole('button', { name: 'Say what the chosen cells take' }).click();
    const tray = page.getByRole('region', { name: 'What may be entered' });
    await expect(tray.getByRole('button', { name: 'Keep', exact: true })).toBeDisabled();
    await tray.getByLabel('What is taken').selectOption('one of a list');
    await tray.getByLabel('Choices, one a line').fill('waiting\nsent\npaid');
    await tray.getByLabel('Title of the prompt').fill('Status');
    await tray.getByLabel('Prompt', { exact: true }).fill('How the line stands today');
    await tray.getByLabel('Message', { exact: true }).fill('Choose one of the list');
    await accessible(page);
    await tray.getByRole('button', { name: 'Keep', exact: true }).click();
    await expect(undo(page, /Check on entry: .*takes one of waiting, sent, paid, Order/)).toBeVisible();

    // Its prompt shows; it is chosen by mouse; what is typed against it is refused in its own words.
    await expect(page.getByRole('note')).toHaveText('StatusHow the line stands today');
    await page.getByRole('button', { name: 'Open the choices' }).click();
    await expect(choices(page)).toHaveText(['waiting', 'sent', 'paid']);
    await accessible(page);
    await choices(page).filter({ hasText: 'sent' }).click();
    await expect(cell(page, 'sent')).toBeVisible();
    await select(page, 'D4');
    await page.keyboard.type('lost');
    await page.keyboard.press('Enter');
    await expect(page.getByText('D4: Choose one of the list Nothing was changed.')).toBeVisible();
    await page.keyboard.press('Escape');

    // Protected, it refuses what is locked and says the way.
    await guard(page).getByRole('button', { name: 'Protect it…' }).click();
    const dialog = page.getByRole('dialog', { name: 'Protect Order' });
    await expect(dialog).toContainText('a rail against mistakes, not a lock against thieves');
    await dialog.getByLabel('work with order of rows').check();
    await dialog.getByLabel('Password, if one is wanted').fill('Osier 7');
    await expect(dialog.getByRole('button', { name: 'Protect' })).toBeDisabled();
    await dialog.getByLabel('The same once more').fill('Osier 7');
    await accessible(page, '[role="dialog"]');
    await dialog.getByRole('button', { name: 'Protect' }).click();
    await expect(guard(page)).toContainText('Protected by a password: locked cells take nothing.');
    await select(page, 'F3');
    await expect
        .poll(async () => {
            await page.keyboard.press('Delete');
            return page.getByText(/^F3 is locked/).count();
        })
        .toBeGreaterThan(0);

    // Tried as the reader: Tab goes from entry to entry, Escape goes back.
    await more(page, 'Try it as the reader');
    await expect(page.getByRole('region', { name: 'As the reader' })).toBeVisible();
    await expect(page.getByRole('navigation', { name: 'Outline' })).toHaveCount(0);
    await select(page, 'A1');
    await page.getByRole('grid').focus();
    const walked: string[] = [];
    for (const wanted of ['B2', 'C2', 'D2', 'B3']) {
        await page.keyboard.press('Tab');
        await expect(address(page)).toHaveValue(wanted);
        walked.push(wanted);
    }
    await page.keyboard.press('Shift+Tab');
    await expect(address(page)).toHaveValue('D2');
    await accessible(page);
    await page.keyboard.press('Escape');
    await expect(page.getByRole('navigation', { name: 'Outline' })).toBeVisible();

    // Supporting sheets are coloured and hidden by their role; a sheet of looks tells what is what.
    await more(page, 'Arrange all sheets by their roles');
    await expect(undo(page, 'Arranged by role, 3 sheets, in order')).toBeVisible();
    await more(page, 'Add or renew a sheet of looks');
    await expect(undo(page, 'Sheet of looks added')).toBeVisible();
    const book = await handOver(page);
    expect(book.worksheets.map((sheet) => [sheet.name, sheet.state])).toEqual([
        ['Order', 'visible'],
        ['Steps', 'hidden'],
        ['Lists', 'hidden'],
        ['Looks', 'visible'],
    ]);
    const sheet = book.getWorksheet('Order');
    const protection = (sheet as unknown as { sheetProtection: Record<string, unknown> }).sheetProtection;
    expect(protection.algorithmName).toBe('SHA-512');
    expect(sheet?.getCell('D5').dataValidation).toMatchObject({
        type: 'list',
        formulae: ['"waiting,sent,paid"'],
        prompt: 'How the line stands today',
    });
    expect(sheet?.getCell('C5').protection.locked).toBe(false);
    expect(sheet?.getCell('D8').protection.locked).toBe(false);
    expect(sheet?.getCell('F5').protection?.locked ?? true).toBe(true);
    expect(sheet?.properties.tabColor?.argb).toBe('FFC08A2B');
    expect(book.getWorksheet('Looks')?.getCell('A6').value).toEqual('Formula cells');
});

test('by key alone: entries are opened, the sheet protected, walked, filled in from its list, and the protection lifted', async ({
    page,
}) => {
    await pick(page, await form('By key'));
    await page.getByRole('grid').focus();
    await act(page, 'Lock formulas, open entries');
    await expect(undo(page, 'Formulas locked and entries open, Order')).toBeVisible();
    await act(page, 'Protect this sheet');
    await expect(page.getByRole('dialog', { name: 'Protect Order' })).toBeVisible();
    await page.getByLabel('Password, if one is wanted').focus();
    await page.keyboard.type('Elm');
    await page.keyboard.press('Tab');
    await page.keyboard.type('Elm');
    await page.keyboard.press('Enter');
    await expect(undo(page, 'Protected, Order')).toBeVisible();
    await page.getByRole('grid').focus();
    await page.keyboard.press('Control+Home');
    await page.keyboard.press('Tab');
    await expect(address(page)).toHaveValue('B2');
    await expect(page.getByRole('button', { name: 'Open the choices' })).toBeVisible();
    await page.keyboard.press('Alt+ArrowDown');
    await expect(choices(page)).toHaveText(['Osier', 'Alder', 'Aspen', 'Rowan']);
    await page.keyboard.type('as');
    await expect(choices(page)).toHaveText(['Aspen']);
    await page.keyboard.press('Enter');
    await expect(undo(page, 'Data: B2 typed')).toBeVisible();
    await expect(page.locator('[aria-rowindex="2"] [aria-colindex="2"]').first()).toHaveText('Aspen');
    // What is open is typed into; the formulas beside it follow.
    await page.keyboard.press('Tab');
    await expect(address(page)).toHaveValue('C2');
    await page.keyboard.type('100');
    await page.keyboard.press('Enter');
    await expect(cell(page, '150')).toBeVisible();
    // Looks are refused, too, with the way to lift it; after Escape, Tab leaves the grid.
    await page.keyboard.press('Control+b');
    await expect(page.getByText(/is protected, and does not allow to dress cells/)).toBeVisible();
    await page.getByRole('grid').focus();
    await page.keyboard.press('Escape');
    await page.keyboard.press('Tab');
    await expect(page.getByRole('grid')).not.toBeFocused();
    await act(page, 'Lift the protection of this sheet');
    await page.keyboard.type('elm');
    await page.keyboard.press('Enter');
    await expect(page.getByText(/That is not the password of the sheet "Order"/)).toBeVisible();
    await act(page, 'Lift the protection of this sheet');
    await page.keyboard.type('Elm');
    await page.keyboard.press('Enter');
    await expect(undo(page, 'Protection lifted, Order')).toBeVisible();
});

test('all of it is laid on a second workbook by its stylebook', async ({ page }) => {
    await pick(page, await form('First form'));
    await page.getByRole('button', { name: 'Thin ink' }).first().click();
    await expect(undo(page, /Dressed in Thin ink/)).toBeVisible();
    await page.goto('/');
    await page.getByRole('link', { name: 'Thin ink', exact: true }).click();
    const rules = page.getByRole('navigation', { name: 'Rules' });
    await rules.getByRole('button', { name: /Entry, guard and roles/ }).click();
    const panel = page.getByRole('region', { name: 'Entry, guard and roles' });
    await panel.getByLabel('Formula cells marked on every sheet').click();
    await expect(undo(page, /Formula cells marked/)).toBeVisible();
    await panel.getByLabel('Headings over formula cells say').fill('worked out');
    await panel.getByLabel('Headings over formula cells say').press('Enter');
    await expect(undo(page, /Headings say "worked out"/)).toBeVisible();
    await panel.getByLabel('Column headings').selectOption('in capitals');
    await expect(undo(page, 'Column headings shown in capitals')).toBeVisible();
    await accessible(page);
    // The part is chosen among the rules, and what guards it is set in the tray.
    await rules.getByRole('button', { name: /Entry cells/ }).click();
    await page.getByRole('button', { name: 'Locked once the sheet is protected' }).click();
    await expect(undo(page, /Not locked, entry cells/)).toBeVisible();
    await page.getByRole('button', { name: /^Keep as version/ }).click();
    await expect(page.getByRole('button', { name: /^Keep as version/ })).toBeDisabled();
    await pick(page, await form('Second form'));
    await page.getByRole('button', { name: 'Thin ink' }).first().click();
    await expect(undo(page, /Dressed in Thin ink/)).toBeVisible();
    await expect.poll(() => fillOf(page, 3, 6)).toBe('rgb(241, 241, 239)');
    await expect(cell(page, 'SPECIES')).toBeVisible();
    // Asked for on the Bench, the stylebook shows them otherwise, or the texts are changed.
    await act(page, 'Headings in sentence case…');
    await page.getByRole('button', { name: 'Let Thin ink show them so' }).click();
    await expect(undo(page, /Column headings shown in sentence case/)).toBeVisible();
    await expect(cell(page, 'Species')).toBeVisible();
    await act(page, 'Headings as they are written');
    await expect(undo(page, /Column headings shown as they are written/)).toBeVisible();
    await expect(cell(page, 'Species')).toBeVisible();
    await page.keyboard.press('Control+z');
    await page.keyboard.press('Control+z');
    await expect(cell(page, 'SPECIES')).toBeVisible();
    const book = await handOver(page);
    const sheet = book.getWorksheet('Order');
    expect(sheet?.getCell('B1').numFmt).toContain('SPECIES');
    expect(sheet?.getCell('B1').value).toBe('Species');
    expect(sheet?.getCell('C5').protection.locked).toBe(false);
    expect(sheet?.getCell('F1').numFmt).toContain('worked out');
    expect(sheet?.getCell('F5').fill).toMatchObject({ fgColor: { argb: 'FFF1F1EF' } });
});

test('in a low window the choices of a cell at its lower edge stand whole, above the cell', async ({ page }) => {
    await page.setViewportSize({ width: 700, height: 380 });
    await pick(page, await form('Low window'));
    await select(page, 'B9');
    await page.getByRole('grid').focus();
    await page.keyboard.press('Alt+ArrowDown');
    const list = page.getByRole('listbox', { name: 'Choices' });
    await expect(choices(page)).toHaveCount(4);
    await expect(list).toBeInViewport({ ratio: 1 });
    await expect(page.getByRole('combobox', { name: /Choose, or type/ })).toBeInViewport({ ratio: 1 });
    await page.keyboard.type('row');
    await expect(list).toBeInViewport({ ratio: 1 });
    await page.keyboard.press('Enter');
    await expect(undo(page, 'Data: B9 typed')).toBeVisible();
});

test('the choices of a cell that is kept in sight stand at it while the sheet scrolls', async ({ page }) => {
    await pick(page, await form('Kept in sight', 3));
    await select(page, 'B2');
    const opens = page.getByRole('button', { name: 'Open the choices' });
    await expect(opens).toBeVisible();
    const [cellAt, before] = [await cell(page, 'Osier').first().boundingBox(), await opens.boundingBox()];
    await page.getByRole('grid').hover();
    await page.mouse.wheel(0, 240);
    // Row 6 is the first below the three that are kept.
    await expect(cell(page, 'L3')).not.toBeInViewport();
    expect((await cell(page, 'Osier').first().boundingBox())?.y).toBe(cellAt?.y);
    await expect.poll(async () => (await opens.boundingBox())?.y).toBe(before?.y);
    await opens.click();
    await choices(page).getByText('Rowan').click();
    await expect(undo(page, 'Data: B2 typed')).toBeVisible();
});
