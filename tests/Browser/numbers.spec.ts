import { expect, test, type Page } from '@playwright/test';
import { format } from 'numfmt';
import { accessible } from './accessible';
import { bringIn, cell, handOver, openBench, select, undo } from './sheet';

const menu = (page: Page) => page.getByRole('dialog', { name: 'Number formats' });

async function choose(page: Page, ranges: string, purpose: RegExp, pattern?: RegExp): Promise<void> {
    await select(page, ranges);
    await page.getByRole('button', { name: /^Number format/ }).click();
    await menu(page).getByRole('group', { name: 'Reads as' }).getByRole('button', { name: purpose }).click();
    if (pattern) await menu(page).getByRole('group', { name: 'Pattern' }).getByRole('button', { name: pattern }).click();
    await expect(undo(page, `Number format, ${ranges}`)).toBeVisible();
}

test('raw columns become money, percent, dates with weekday, durations and thousands; the file shows the same', async ({
    page,
}) => {
    await openBench(page, 'Hollin Lane site');
    await page.getByRole('button', { name: 'Format by hand' }).click();
    const number = page.getByRole('region', { name: 'Number' });

    // Dates with the weekday: what is stored stands beside what is shown.
    await choose(page, 'C4:C15', /^Date \d/, /^ddd d mmm yyyy/);
    await accessible(page);
    await page.getByRole('button', { name: 'Done' }).click();
    await expect(number).toContainText(/stores\d{5}shows[A-Z][a-z]{2} \d+ [A-Z][a-z]{2} \d{4}codeddd d mmm yyyy/);

    // Money on two columns at once, shares as percent, counts in thousands.
    await choose(page, 'F4:G16', /^Money/);
    await expect(number).toContainText('code"£"#,##0.00');
    await menu(page).getByLabel('Below zero').selectOption('brackets');
    await expect(number).toContainText('"£"#,##0.00_)');
    await page.getByRole('button', { name: 'Done' }).click();
    await choose(page, 'E4:E15', /^Percent/);
    await expect(number).toContainText('code0%');
    await menu(page).getByLabel('Decimals', { exact: true }).fill('1');
    await expect(number).toContainText('0.0%');
    await page.getByRole('button', { name: 'Done' }).click();
    await choose(page, 'D4:D16', /^Thousands/);
    await page.getByRole('button', { name: 'Done' }).click();
    await number.getByRole('button', { name: 'More decimals' }).click();
    await expect(number).toContainText('#,##0.00,');

    // A code that is wrong is refused with the place of the fault, and the one before stays.
    await page.getByRole('button', { name: /^Number format/ }).click();
    await menu(page).getByLabel('Number format code').fill('0.0"t');
    await menu(page).getByLabel('Number format code').press('Enter');
    await expect(page.getByRole('status')).toContainText('wrong at character 4');
    await page.keyboard.press('Escape');

    const book = await handOver(page);
    const sheet = book.getWorksheet('Stock list');
    const shown = await page
        .locator('.sheet-cell[role=gridcell]')
        .evaluateAll((cells) =>
            cells.map((each) => [
                Number(each.closest('[aria-rowindex]')?.getAttribute('aria-rowindex')),
                Number(each.getAttribute('aria-colindex')),
                each.textContent ?? '',
            ]),
        );
    let compared = 0;
    for (const [row, column, text] of shown as [number, number, string][]) {
        const found = sheet?.getCell(row, column);
        let value = found?.formula ? found.result : found?.value;
        if (value instanceof Date) value = (value.getTime() - Date.UTC(1899, 11, 30)) / 86_400_000;
        if (typeof value !== 'number' || text.startsWith('#')) continue;
        const spaces = /[\s\u00A0\u2007]/g;
        expect(`${row}.${column} ${text.replace(spaces, '')}`).toBe(
            `${row}.${column} ${format(found?.numFmt ?? 'General', value).replace(spaces, '')}`,
        );
        compared++;
    }
    expect(compared).toBeGreaterThan(30);
});

test('a rule moves the unit into the heading on every sheet, and equal decimals stand down the column', async ({ page }) => {
    await openBench(page, 'Nursery year');
    await select(page, 'I8');
    await page.getByRole('button', { name: /^Number format/ }).click();
    const rule = page.getByRole('group', { name: /Rule for all/ });
    await rule.getByLabel('Currency sign').selectOption('heading');
    await expect(undo(page, 'Number rule of amount columns, everywhere River ledger is worn')).toBeVisible();
    await rule.getByLabel('Figures').selectOption('3');
    await expect(rule.getByLabel('Figures')).toHaveValue('3');
    await accessible(page);
    await page.getByRole('button', { name: 'Done' }).click();
    await expect(page.getByRole('gridcell').filter({ hasText: /^Value\s+£ thousand$/ })).toBeVisible();
    await page.getByRole('navigation', { name: 'Outline' }).getByRole('button', { name: 'Orders', exact: true }).click();
    await expect(
        page
            .getByRole('gridcell')
            .filter({ hasText: /£ thousand$/ })
            .first(),
    ).toBeVisible();
    await page.getByRole('navigation', { name: 'Outline' }).getByRole('button', { name: 'Stock', exact: true }).click();
    await page.keyboard.press('Control+z');
    await page.keyboard.press('Control+z');
    await expect(cell(page, 'Value')).toBeVisible();
});

test('notes say what figures do not, and a change of data is named and taken back', async ({ page }) => {
    await bringIn(
        page,
        'Dry beds.tsv',
        'Bed\tTrees\tDry\nNorth\t120\t12%\nSouth\t80\t8%\nEast\t140\t20%\nWest\t95\t4%\nRim\t60\t5%\nFord\t75\t9%\n',
    );
    await page.getByRole('button', { name: 'Format by hand' }).click();
    await expect(cell(page, '12%')).toBeVisible();
    await openBench(page, 'Hollin Lane site');
    await page.getByRole('navigation', { name: 'Outline' }).getByRole('button', { name: 'Beds', exact: true }).click();
    await page.getByRole('button', { name: 'Format by hand' }).click();
    await select(page, 'F3');
    await page.getByRole('button', { name: '1 note on this column' }).click();
    const notes = page.getByRole('dialog', { name: 'Notes on the figures' });
    await expect(notes).toContainText('look like whole percents');
    await accessible(page);
    await notes.getByRole('button', { name: 'Divide by 100, so that 10 reads 10 %' }).click();
    await expect(undo(page, 'Data: divided by a hundred, to percent, F2:F13')).toBeVisible();
    await expect(notes).not.toContainText('look like whole percents');
    await notes.getByRole('button', { name: 'Turn into numbers' }).click();
    await expect(undo(page, 'Data: text turned into numbers, D5,D9')).toBeVisible();
});

test('dates of all sheets take a weekday in one act, and durations and decimals of several sheets together', async ({ page }) => {
    await openBench(page, 'Nursery year');
    const outline = page.getByRole('navigation', { name: 'Outline' });
    await select(page, 'D8');
    await page.getByRole('radio', { name: /^Dates, all \d+ sheets/ }).check();
    await page.getByRole('button', { name: /^Number format/ }).click();
    await menu(page)
        .getByRole('group', { name: 'Pattern' })
        .getByRole('button', { name: /^ddd d mmm yyyy/ })
        .click();
    await expect(undo(page, 'Number format, body, everywhere River ledger is worn')).toBeVisible();
    await page.getByRole('button', { name: 'Done' }).click();
    await expect(cell(page, 'Thu 9 Nov 2023').first()).toBeVisible();
    await outline.getByRole('button', { name: 'Orders', exact: true }).click();
    await expect(
        page
            .getByRole('gridcell')
            .filter({ hasText: /^[A-Z][a-z]{2} \d{1,2} [A-Z][a-z]{2} 20\d\d$/ })
            .first(),
    ).toBeVisible();

    // The same addresses on two sheets: hours and minutes become a duration with seconds.
    await outline.getByRole('button', { name: 'Germination lab', exact: true }).click();
    await outline.getByRole('button', { name: 'Stock', exact: true }).click({ modifiers: ['Control'] });
    await select(page, 'F8:F9');
    await page.getByRole('button', { name: /^Number format/ }).click();
    await menu(page)
        .getByRole('group', { name: 'Pattern' })
        .getByRole('button', { name: /^\[h\]:mm:ss/ })
        .click();
    await expect(undo(page, 'Number format, F8:F9, 2 sheets')).toBeVisible();
    await page.getByRole('button', { name: 'Done' }).click();
    await expect(
        page
            .getByRole('gridcell')
            .filter({ hasText: /^\d+:\d\d:\d\d$/ })
            .first(),
    ).toBeVisible();
    await page.keyboard.press('Control+z');
    await page.keyboard.press('Control+z');
    await outline.getByRole('button', { name: 'Stock', exact: true }).click();
    await expect(cell(page, '09 Nov 2023').first()).toBeVisible();
});
