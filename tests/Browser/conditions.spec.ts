import { expect, test, type Locator, type Page } from '@playwright/test';
import Library from 'exceljs';
import { mkdtempSync, readFileSync } from 'node:fs';
import { execFileSync } from 'node:child_process';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { accessible } from './accessible';
import { cell, comeIn, handOver, pick, undo } from './sheet';

const folder = mkdtempSync(join(tmpdir(), 'conditions-'));
const STATUS = ['late', 'paid', 'sent', 'late', 'waiting', 'paid', 'sent', 'late'];

/** Orders, with what tests need to know of them. */
async function orders(name: string, dress: (sheet: Library.Worksheet) => void = () => undefined) {
    const workbook = new Library.Workbook();
    const sheet = workbook.addWorksheet('Orders');
    sheet.addRow(['Order', 'Trees', 'Worth', 'Status']);
    STATUS.forEach((status, at) => sheet.addRow([`R-${at + 1}`, at * 3 + 1, at % 3 === 0 ? -4.25 - at : at * 12.5, status]));
    dress(sheet);
    const path = join(folder, `${name}.xlsx`);
    await workbook.xlsx.writeFile(path);
    return path;
}

const rail = (page: Page) => page.getByRole('navigation', { name: 'Outline' });
const list = (page: Page) => page.getByRole('region', { name: 'Looks while something is true' }).getByRole('listitem');
const writing = (page: Page) => page.getByRole('region', { name: 'A look while something is true' });

/** Begins one for a column, by mouse. */
async function begin(page: Page, heading: string) {
    await rail(page)
        .getByRole('button', { name: new RegExp(`^[A-Z] ?${heading}`) })
        .click();
    await page.getByRole('button', { name: 'A new look while something is true' }).click();
    await expect(writing(page)).toBeVisible();
}

async function keep(page: Page) {
    await writing(page).getByRole('button', { name: 'Keep', exact: true }).click();
    await expect(writing(page)).toHaveCount(0);
}

const figure = (page: Page, text: RegExp) => page.getByRole('gridcell').filter({ hasText: text });

/** Weight, ink and what is filled behind a text. */
async function seen(at: Locator) {
    return at.first().evaluate((each) => {
        const box = each.getBoundingClientRect();
        const fills = [...document.querySelectorAll<HTMLElement>('.sheet [style*="background"]')].filter((fill) => {
            const on = fill.getBoundingClientRect();
            return on.left <= box.left + 1 && on.right >= box.right - 1 && on.top <= box.top + 1 && on.bottom >= box.bottom - 1;
        });
        const style = getComputedStyle(each);
        return {
            bold: style.fontWeight === '700',
            ink: style.color,
            fill: fills.map((fill) => getComputedStyle(fill).backgroundColor).at(-1) ?? 'none',
        };
    });
}

test('a file with conditional formats of every kind looks as an independent reading of its rules says', async ({ page }) => {
    const path = join(folder, 'kinds.xlsx');
    execFileSync('/usr/bin/python3', ['tests/Core/write-conditions.py', path]);
    await pick(page, path);
    // Said by hand from the rules that the file was written with, not by Rilvet's own evaluation.
    const workbook = new Library.Workbook();
    await workbook.xlsx.readFile(path);
    const sheet = workbook.worksheets[0];
    const value = (row: number, column: number) => sheet?.getRow(row).getCell(column).value;
    const count = (row: number) => Number(value(row, 2));
    const first = Array.from({ length: 16 }, (_, at) => at + 2);
    for (const row of first) {
        const at = (column: number) => page.locator(`[aria-rowindex="${row}"] [aria-colindex="${column}"]`);
        const tall = count(row) >= Number(value(5, 2));
        const within = count(row) >= 5 && count(row) <= 10;
        const above = count(row) > 3 && row % 2 === 0;
        const own = await seen(at(2));
        expect(own.bold, `B${row}`).toBe(count(row) < 0);
        expect(own.fill === 'rgb(231, 215, 168)', `B${row} fill`).toBe(within || tall || count(row) > 15);
        expect(
            await at(1)
                .first()
                .evaluate((each) => getComputedStyle(each).fontStyle === 'italic'),
            `A${row}`,
        ).toBe(above);
        const status = value(row, 5);
        if (typeof status === 'string') expect((await seen(at(5))).bold, `E${row}`).toBe(/late/i.test(status));
        const figure = Number(value(row, 9));
        const shape = await at(9).first().locator('svg').getAttribute('aria-label');
        const share = (figure + 4) / 20;
        expect(shape, `I${row}`).toBe(share >= 0.67 ? 'points up' : share >= 0.33 ? 'stays' : 'points down');
    }
    // Bars grow to both sides of their axis.
    await expect(page.locator('[data-bar="#C98A6B"]').first()).toBeVisible();
    await expect(page.locator('[data-bar="#8FA6BF"]').first()).toBeVisible();
    await expect(list(page)).toHaveCount(23);
    await accessible(page);
    // Nothing was touched: what goes back says the same, rule by rule.
    const back = await handOver(page);
    const rules = (book: Library.Workbook) =>
        JSON.stringify((book.worksheets[0] as unknown as { conditionalFormattings: unknown }).conditionalFormattings);
    expect(rules(back)).toBe(rules(workbook));
});

test('a sentence is completed by mouse, tried on the sheet, kept, changed, ordered, turned off and taken out', async ({
    page,
}) => {
    await pick(page, await orders('Sentences'));
    await page.getByRole('button', { name: 'Format by hand' }).click();
    await begin(page, 'Status');
    const late = cell(page, 'late');
    await expect(writing(page).getByText(/^The sentence is not complete yet/)).toBeVisible();
    await expect(writing(page).getByRole('button', { name: 'Keep', exact: true })).toBeDisabled();
    await writing(page).getByRole('button', { name: 'late', exact: true }).click();
    await expect(writing(page).getByText('3 of 8')).toBeVisible();
    await expect(page.getByText(/^Trying on “Status is one of late”, not kept/)).toBeVisible();
    await expect.poll(async () => (await seen(late)).bold).toBe(true);
    await accessible(page);
    // Left, nothing is there.
    await writing(page).getByRole('button', { name: 'Leave it' }).click();
    await expect.poll(async () => (await seen(late)).bold).toBe(false);
    await begin(page, 'Status');
    await writing(page).getByRole('button', { name: 'late', exact: true }).click();
    await expect(writing(page).getByText('3 of 8')).toBeVisible();
    await keep(page);
    await expect(undo(page, 'Conditional look: Status is one of late, Orders')).toBeVisible();
    await expect.poll(async () => (await seen(late)).bold).toBe(true);
    await expect(list(page)).toContainText([/Status is one of late.*this table, 3 cells/s]);

    // A second one, a bar, stands before it; dragged below, it is second.
    await begin(page, 'Trees');
    await writing(page).getByRole('button', { name: 'Bar', exact: true }).click();
    await expect(writing(page).getByText('told apart without colour, by the length of its bar')).toBeVisible();
    await keep(page);
    await expect(page.locator('[data-bar]').first()).toBeVisible();
    await expect(list(page)).toContainText([/Trees as a bar/, /Status is one of late/]);
    await list(page).nth(0).dragTo(list(page).nth(1));
    await expect(undo(page, 'Conditional look moved to place 2, Orders')).toBeVisible();
    await expect(list(page)).toContainText([/Status is one of late/, /Trees as a bar/]);

    // Pressed, it is changed in its place.
    await list(page).nth(0).getByRole('button', { name: /^1/ }).click();
    await writing(page).getByLabel('What has to be true').selectOption('begins with');
    await writing(page).getByLabel('Compared with').fill('wa');
    await expect(writing(page).getByText('1 of 8')).toBeVisible();
    await keep(page);
    await expect.poll(async () => (await seen(cell(page, 'waiting'))).bold).toBe(true);
    expect((await seen(late)).bold).toBe(false);
    await page.getByRole('button', { name: 'More for Status begins with wa' }).click();
    await page.getByRole('menuitem', { name: 'Turn it off' }).click();
    await expect.poll(async () => (await seen(cell(page, 'waiting'))).bold).toBe(false);
    await expect(list(page).nth(0)).toContainText('off');
    await page.getByRole('button', { name: 'More for Status begins with wa' }).click();
    await page.getByRole('menuitem', { name: 'Take it out' }).click();
    await expect(list(page)).toHaveCount(1);
    await page.keyboard.press('Control+z');
    await expect(list(page)).toHaveCount(2);
});

test('all by key: found by name, written, kept with Enter, left with Escape', async ({ page }) => {
    await pick(page, await orders('Keys'));
    await page.getByRole('button', { name: 'Format by hand' }).press('Enter');
    const address = page.getByLabel('Address of the selection');
    await address.fill('C2');
    await address.press('Enter');
    await page.keyboard.press('Control+k');
    await page.keyboard.type('highlight');
    await page.keyboard.press('Enter');
    await expect(writing(page)).toBeVisible();
    await writing(page).getByLabel('What has to be true').selectOption('is below');
    await writing(page).getByLabel('Compared with').fill('0');
    await expect(writing(page).getByText('3 of 8')).toBeVisible();
    await writing(page).getByRole('button', { name: 'Mark ▲' }).press('Enter');
    await expect.poll(async () => figure(page, /▲ -4\.25/).count()).toBeGreaterThan(0);
    await writing(page).getByRole('button', { name: 'Keep', exact: true }).press('Enter');
    await expect(writing(page)).toHaveCount(0);
    await expect(list(page)).toContainText([/Worth is below 0/]);
    await list(page).nth(0).getByRole('button', { name: /^1/ }).press('Enter');
    await writing(page).getByLabel('Compared with').fill('20');
    await writing(page).getByLabel('Compared with').press('Escape');
    await expect(writing(page)).toHaveCount(0);
    await expect(list(page)).toContainText([/Worth is below 0/]);
});

test('a rule on amounts in the stylebook is seen in two workbooks, and grows with new rows', async ({ page }) => {
    const dressed: [string, object] = ['dress', { stylebook: 'Long list', clean: false }];
    const spring = await comeIn(page, 'Spring.xlsx', readFileSync(await orders('Spring')), dressed);
    await pick(page, await orders('Autumn'));
    await page.getByRole('button', { name: 'Long list' }).first().click();
    await expect(undo(page, /Dressed in Long list/)).toBeVisible();
    await begin(page, 'Worth');
    await writing(page)
        .getByText(/^All \w+ columns, wherever Long list is worn/)
        .click();
    await writing(page).getByLabel('What has to be true').selectOption('is below');
    await writing(page).getByLabel('Compared with').fill('0');
    await writing(page).getByRole('button', { name: 'Stronger' }).click();
    await expect(writing(page).getByText('3 of 8')).toBeVisible();
    await keep(page);
    await expect(undo(page, /Conditional look: .*is below 0, everywhere Long list is worn/)).toBeVisible();
    await expect.poll(async () => (await seen(figure(page, /-4\.25/))).bold).toBe(true);
    await page.goto(`/workbooks/${spring}`);
    await expect.poll(async () => (await seen(figure(page, /-4\.25/))).bold).toBe(true);
    await expect(list(page)).toContainText([/is below 0.*Long list, 3 cells/s]);
    // A row that is put in wears it, too.
    await page.getByRole('rowheader', { name: '4', exact: true }).click();
    await page.getByRole('rowheader', { name: '4', exact: true }).click({ button: 'right' });
    await page.getByRole('menuitem', { name: 'Put row in above 4' }).click();
    const address = page.getByLabel('Address of the selection');
    await address.fill('C4');
    await address.press('Enter');
    await page.keyboard.type('-77');
    await page.keyboard.press('Enter');
    await expect.poll(async () => (await seen(figure(page, /-77/))).bold).toBe(true);
    await expect(list(page)).toContainText([/Long list, 4 cells/]);
    // On the screen of the stylebook it stands among its rules, and can be turned off for all.
    await page.goto('/');
    await page.getByRole('link', { name: 'Long list', exact: true }).click();
    await page.getByRole('navigation', { name: 'Rules' }).getByRole('button', { name: 'Looks while something is true' }).click();
    await expect(list(page)).toContainText([/is below 0/]);
    await accessible(page);
});

test('three hundred pieces are gathered into three, in one act', async ({ page }) => {
    const path = await orders('Pieces', (sheet) => {
        for (let at = 0; at < 100; at++) {
            const ref = `C${2 + (at % 8)}`;
            [
                { formulae: ['0'], operator: 'lessThan', color: 'FF9B2335' },
                { formulae: ['60'], operator: 'greaterThan', color: 'FF2C6E66' },
                { formulae: ['12.5'], operator: 'equal', color: 'FF224466' },
            ].forEach(({ formulae, operator, color }, kind) =>
                sheet.addConditionalFormatting({
                    ref,
                    rules: [
                        {
                            type: 'cellIs',
                            operator: operator as 'lessThan',
                            formulae,
                            priority: at * 3 + kind + 1,
                            style: { font: { bold: true, color: { argb: color } } },
                        },
                    ],
                }),
            );
        }
    });
    await pick(page, path);
    await page.getByRole('button', { name: 'Format by hand' }).click();
    const before = await seen(figure(page, /-4\.25/));
    expect(before.bold).toBe(true);
    const box = page.getByText('300 pieces say what 3 rules do.');
    await expect(box).toBeVisible();
    await page.getByRole('button', { name: 'Gather them into 3' }).click();
    await expect(undo(page, '300 conditional looks gathered into 3, Orders')).toBeVisible();
    await expect(list(page)).toHaveCount(3);
    expect(await seen(figure(page, /-4\.25/))).toEqual(before);
    const sheet = (await handOver(page)).worksheets[0] as unknown as {
        conditionalFormattings: { ref: string; rules: unknown[] }[];
    };
    expect(sheet.conditionalFormattings.flatMap(({ ref, rules }) => rules.map(() => ref))).toEqual(Array(3).fill('C2:C9'));
    await page.keyboard.press('Control+z');
    await expect(box).toBeVisible();
});

test('conditional looks are lifted, laid in another workbook, and are in what is handed over', async ({ page }) => {
    await pick(page, await orders('Giver'));
    await page.getByRole('button', { name: 'Format by hand' }).click();
    await begin(page, 'Worth');
    await writing(page).getByLabel('What has to be true').selectOption('is below');
    await writing(page).getByLabel('Compared with').fill('0');
    await expect(writing(page).getByText('3 of 8')).toBeVisible();
    await keep(page);
    await figure(page, /-4\.25/)
        .first()
        .click();
    await page.getByRole('button', { name: 'Lift the look' }).click();
    await page.getByRole('menuitem', { name: 'Conditional looks only' }).click();
    await expect(page.getByText(/^Look lifted/)).toBeVisible();
    // Carried to another workbook without leaving the application.
    const path = await orders('Taker');
    await page
        .getByRole('link', { name: /Rilvet/ })
        .first()
        .click();
    await page.getByLabel('Files to bring in').setInputFiles(path);
    await expect(page.getByRole('grid')).toHaveAccessibleName('Cells of Orders');
    await expect(list(page)).toHaveCount(0);
    const address = page.getByLabel('Address of the selection');
    await address.fill('C2:C9');
    await address.press('Enter');
    await page.getByRole('grid').focus();
    await page.keyboard.press('Enter');
    await expect(list(page)).toContainText([/Worth is below 0.*C2:C9, 3 cells/s]);
    const sheet = (await handOver(page)).worksheets[0] as unknown as {
        conditionalFormattings: { ref: string; rules: { type: string; operator?: string; formulae: unknown[] }[] }[];
    };
    expect(sheet.conditionalFormattings[0]?.ref).toBe('C2:C9');
    expect(sheet.conditionalFormattings[0]?.rules[0]).toMatchObject({ type: 'cellIs', operator: 'lessThan' });
    expect(readFileSync(path).length).toBeGreaterThan(0);
});
