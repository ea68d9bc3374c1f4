// Takes the README's pictures from the demo of a running server: node docs/screenshots/take.mjs
import { chromium } from '@playwright/test';
import { chromiumOptions } from '../../bench/chromium.mjs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';

const here = dirname(fileURLToPath(import.meta.url));
const browser = await chromium.launch(chromiumOptions);
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
const shot = async (name) => {
    await page.waitForLoadState('networkidle');
    await page.screenshot({ path: join(here, `${name}.png`) });
};

/** Waits until as many of something are there: pictures of workbooks and of pages come in one after the other. */
const wait = (what, count) =>
    page.waitForFunction(([selector, least]) => document.querySelectorAll(selector).length >= least, [what, count]);

await page.goto('http://127.0.0.1:8700/');
await page.getByRole('link', { name: /Nursery year/ }).waitFor();
await wait('article .sheet', 5);
await shot('shelf');
await page.getByRole('link', { name: /Hollin Lane site/ }).click();
await page
    .getByRole('navigation', { name: 'Views' })
    .getByRole('button', { name: /Findings/ })
    .click();
await page.getByText('9 can be mended').waitFor();
await shot('findings');
await page.goto('http://127.0.0.1:8700/');
await page.getByRole('link', { name: /Nursery year/ }).click();
await page.getByRole('navigation', { name: 'Views' }).getByRole('button', { name: 'Side by side' }).click();
await page.getByText('0 values differ').waitFor();
await page.getByRole('button', { name: 'Next', exact: true }).click();
await shot('side');
await page.getByRole('navigation', { name: 'Views' }).getByRole('button', { name: 'Paper' }).click();
await page.getByLabel('Paper size').selectOption('A5');
await page.getByText(/^As few pages as you ask for/).waitFor();
await page.getByRole('slider', { name: 'Where the page ends', exact: true }).hover();
await page.getByText(/so that the group stays whole/).waitFor();
await wait('[role=option] svg', 4);
await shot('paper');
await page.keyboard.press('Control+z');
await page.getByText('Page 1 of 1', { exact: true }).waitFor();
await page.goto('http://127.0.0.1:8700/');
await page.getByRole('link', { name: /Nursery year/ }).waitFor();
const transfer = await page.evaluateHandle(() => {
    const data = new DataTransfer();
    data.items.add(
        new File(
            [
                'Beleg;Datum;Art;Menge;Betrag\r\n004100;14.03.2026;Esche;12;1.204,50\r\n' +
                    '004101;02.04.2026;Erle;3;88,00\r\n004102;28.02.2026;"Weide; Kopf";7;140,25\r\n',
            ],
            'Autumn orders.csv',
        ),
    );
    return data;
});
await page.getByRole('main').dispatchEvent('drop', { dataTransfer: transfer });
await page.getByRole('dialog').waitFor();
await wait('article .sheet', 5);
await shot('bringing-in');
await page.getByRole('button', { name: 'Leave it' }).click();
await page.getByRole('link', { name: /Nursery year/ }).click();
await page.getByRole('gridcell').first().waitFor();
await page.getByRole('navigation', { name: 'Outline' }).getByRole('button', { name: /Body/ }).click();
await page.getByText('Body, here').waitFor();
await shot('bench');
await page.getByRole('button', { name: /Subtotals, rows 18/ }).click();
await page.getByRole('menu').waitFor();
await shot('reading');
await page.keyboard.press('Escape');
await page.getByTitle('Choose a stylebook').click();
await page.getByRole('button', { name: 'Plain rule' }).hover();
await page.getByRole('gridcell', { name: '5 November 2023', exact: true }).waitFor();
await shot('dressing');
await page.getByTitle('Choose a stylebook').hover();
await page.getByTitle('Choose a stylebook').click();
await page.getByRole('gridcell', { name: 'Value', exact: true }).click();
await page.getByRole('button', { name: 'Other colours for fill' }).click();
await shot('colours');
await page.keyboard.press('Escape');
await page.getByLabel('Address of the selection').fill('D8');
await page.getByLabel('Address of the selection').press('Enter');
await page.getByRole('button', { name: /^Number format/ }).click();
await page.getByRole('button', { name: /^ddd d mmm yyyy/ }).hover();
await page.getByText(/Trying on/).waitFor();
await page
    .getByRole('gridcell')
    .filter({ hasText: /^Thu 9 Nov 2023$/ })
    .waitFor();
await shot('numbers');
await page.keyboard.press('Escape');
await page.getByRole('button', { name: 'More ways to fit' }).click();
await page.getByRole('menuitem', { name: /Share a width/ }).click();
await page.getByLabel('Width of all columns together').fill('900 px');
await page.keyboard.press('Enter');
await page.getByText('width by hand').waitFor();
await shot('fit');
await page.getByRole('button', { name: 'Hand over' }).click();
await page.getByRole('radio', { name: /Workbook, ods/ }).check();
await page.getByRole('radio', { name: /Workbook, xlsx/ }).check();
await page.getByRole('button', { name: 'Write the file' }).click();
await page.getByTestId('proof').waitFor();
await shot('hand-over');
await page.getByRole('button', { name: 'Close' }).click();
await page.getByRole('navigation', { name: 'Outline' }).getByRole('button', { name: 'Plantings by month', exact: true }).click();
await page.getByRole('grid', { name: 'Cells of Plantings by month' }).waitFor();
const act = async (words) => {
    await page.keyboard.press('Control+k');
    await page.getByRole('combobox', { name: 'Find an action' }).fill(words);
    await page.keyboard.press('Enter');
};
// A look while something is true: its sentence, its sample and the sheet with it tried on.
await page.goto('http://127.0.0.1:8700/');
await page.getByRole('link', { name: /Nursery year/ }).click();
await page.getByRole('navigation', { name: 'Outline' }).getByRole('button', { name: 'Orders', exact: true }).click();
await page.getByRole('grid', { name: 'Cells of Orders' }).waitFor();
await page.getByRole('gridcell', { name: 'returned', exact: true }).first().click();
await page.getByRole('button', { name: 'A new look while something is true' }).click();
await page.getByRole('button', { name: 'returned', exact: true }).click();
await page.getByText(/Trying on/).waitFor();
await shot('conditions');
await page.getByRole('button', { name: 'Leave it' }).click();
// A form to be filled in: formulas, entries and choices marked, a choice open, and what guards it at the left.
await page.goto('http://127.0.0.1:8700/');
await page.getByRole('link', { name: /Tree order/ }).click();
await page.getByRole('gridcell').first().waitFor();
await page.getByRole('button', { name: 'Protect it…' }).scrollIntoViewIfNeeded();
await page.getByLabel('Address of the selection').fill('E8');
await page.getByLabel('Address of the selection').press('Enter');
await page.getByRole('button', { name: 'Open the choices' }).click();
await page.getByRole('option', { name: 'waiting' }).waitFor();
await shot('guard');
await page.keyboard.press('Escape');
// Newer orders for a table that is dressed: what they would change.
await page.goto('http://127.0.0.1:8700/');
await page.getByRole('link', { name: /Spring orders/ }).click();
await page.getByRole('gridcell').first().waitFor();
const newer = await page.evaluate(async () => {
    const id = location.pathname.split('/').pop();
    const range = 'top=1&left=1&bottom=60&right=8';
    const { cells } = await (await fetch(`/api/workbooks/${id}/sheets/1/window?${range}`)).json();
    const rows = [];
    for (const { row, column, text } of cells) (rows[row - 1] ??= [])[column - 1] = text;
    rows[0][4] = 'Anzahl';
    rows[0].push('Lieferung');
    for (const row of rows.slice(1)) row.push('Mai');
    rows[6][4] = '77';
    rows[9][7] = 'nein';
    rows.splice(12, 1);
    rows.push(['004900', '02.06.2026', 'Wick Farm', 'Hazel', '12', '3,50', '42,00', 'nein', 'Mai']);
    return rows.map((row) => row.join(';')).join('\n');
});
await page.getByRole('button', { name: /^Menu of the table/ }).click();
await page.getByRole('menuitem', { name: 'Bring newer data in…' }).click();
await page
    .getByLabel('File with the newer data')
    .setInputFiles({ name: 'Summer orders.csv', mimeType: 'text/csv', buffer: Buffer.from(newer) });
await page.getByRole('button', { name: 'Bring it in' }).waitFor();
await shot('newer');
await page.getByRole('button', { name: 'Leave it' }).click();
// Twelve months through one routine.
await page.goto('http://127.0.0.1:8700/');
const routine = {
    rilvet: 'routine 1',
    name: 'Orders of a month',
    steps: [
        { do: 'sort', with: { keys: [['Amount', true]] } },
        { do: 'dress', with: { stylebook: 'River ledger' } },
        { do: 'format', at: { part: 'body', headings: ['Amount'] }, with: { look: { bold: true } } },
        { do: 'pages', with: { says: { turn: 'turned' } } },
    ],
};
await page
    .getByLabel('Routine to bring in')
    .setInputFiles({ name: 'r.json', mimeType: 'application/json', buffer: Buffer.from(JSON.stringify(routine)) });
await page.getByRole('button', { name: 'New batch' }).click();
const month = (number) => ({
    name: `Orders 2026-${String(number).padStart(2, '0')}.csv`,
    mimeType: 'text/csv',
    buffer: Buffer.from(
        ['Order,Customer,Count,Amount']
            .concat(
                Array.from({ length: 20 + ((number * 7) % 11) }, (_, at) => {
                    const customer = ['Wick Farm', 'Brook Cottage', 'Tolland School'][at % 3];
                    return `R-${number * 100 + at},${customer},${((at * 5) % 17) + 1},${((at * 37) % 211) + 0.5}`;
                }),
            )
            .join('\n'),
    ),
});
const months = Array.from({ length: 12 }, (_, at) => month(at + 1));
await page
    .getByLabel('Files for the batch')
    .setInputFiles([
        ...months,
        { name: 'Notes.csv', mimeType: 'text/csv', buffer: Buffer.from('Lot,Note\nA1,dry\nA2,wet\nA3,dry\n') },
    ]);
await page.getByRole('heading', { name: '13 files' }).waitFor();
await page.getByLabel('Routine or stylebook').selectOption({ label: 'Orders of a month' });
await page.getByRole('list', { name: 'Steps' }).waitFor();
await page.getByText('1 want a look before they are run').waitFor();
await page.getByRole('button', { name: 'Run 13 files' }).click();
await page.getByText('13 done').waitFor();
await page.getByRole('button', { name: /^Notes\.csv/ }).click();
await page.getByText(/of the batch are of one mind|differently from each other/).waitFor();
await shot('batch');
await page.goto('http://127.0.0.1:8700/');
await page.getByRole('button', { name: 'New stylebook' }).click();
await page.getByRole('menuitem', { name: 'Learn from workbooks…' }).click();
await page.getByRole('checkbox', { name: /^Hollin Lane site/ }).check();
await page.getByRole('button', { name: 'See what they follow' }).click();
await page.getByRole('list', { name: 'Rules that were learned' }).waitFor();
await shot('learning');
await page.getByRole('button', { name: 'Close' }).click();
await page.getByRole('link', { name: 'River ledger', exact: true }).click();
const rules = page.getByRole('navigation', { name: 'Rules' });
await rules.getByRole('button', { name: /^H?\s*Column headings/ }).click();
await page.getByRole('button', { name: 'Fill deep' }).click();
await page.getByRole('button', { name: 'Keep as version 2' }).click();
await page.getByText('All is kept').waitFor();
await rules.getByRole('button', { name: /^Stripes/ }).click();
await page.getByLabel('One band is').fill('2');
await page.keyboard.press('Enter');
await page.getByRole('button', { name: 'Keep as version 3' }).click();
await page.getByText('All is kept').waitFor();
await rules.getByRole('button', { name: /^Palette/ }).click();
await rules.getByRole('button', { name: /^H?\s*Column headings/ }).click();
await page.getByRole('button', { name: 'Italic', exact: true }).click();
await page.getByText(/1 change, not kept/).waitFor();
await page.getByText(/Version 3 is kept/).waitFor({ state: 'detached' });
await shot('stylebook');
await page.getByRole('button', { name: /^Versions/ }).click();
await page
    .getByRole('row', { name: /Column headings|Stripes/ })
    .first()
    .waitFor();
await shot('versions');
await browser.close();
