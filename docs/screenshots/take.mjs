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

await page.goto('http://127.0.0.1:8700/');
await page.getByRole('link', { name: /Nursery year/ }).waitFor();
await shot('shelf');
await page.getByRole('link', { name: /Hollin Lane site/ }).click();
await page.getByRole('navigation', { name: 'Views' }).getByRole('button', { name: /Findings/ }).click();
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
                'Beleg;Datum;Art;Menge;Betrag\r\n004100;14.03.2026;Esche;12;1.204,50\r\n004101;02.04.2026;Erle;3;88,00\r\n004102;28.02.2026;"Weide; Kopf";7;140,25\r\n',
            ],
            'Autumn orders.csv',
        ),
    );
    return data;
});
await page.getByRole('main').dispatchEvent('drop', { dataTransfer: transfer });
await page.getByRole('dialog').waitFor();
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
// A table that is read with doubt is asked about; what it would be is seen on the sheet.
await page.goto('http://127.0.0.1:8700/');
await page.getByRole('link', { name: /Nursery year/ }).waitFor();
const beds = await page.evaluateHandle(() => {
    const data = new DataTransfer();
    const rows = ['Rowan;clay;north;Ida', 'Aspen;loam;north;Ben', 'Hazel;clay;south;Ida', 'Holly;sand;east;Uma', 'Elder;loam;west;Ben'];
    data.items.add(new File([rows.join('\n')], 'Upper beds.csv'));
    return data;
});
await page.getByRole('main').dispatchEvent('drop', { dataTransfer: beds });
await page.getByRole('button', { name: 'Keep this table' }).click();
await page.getByRole('button', { name: 'Row 1 holds the headings' }).hover();
await page.getByText(/Trying on Row 1/).waitFor();
await shot('doubt');
await page.mouse.move(640, 500);
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
// In a small window the sheet has the room.
await page.setViewportSize({ width: 640, height: 400 });
await page.goto('http://127.0.0.1:8700/');
await page.getByRole('link', { name: /Nursery year/ }).click();
await page.getByRole('gridcell').first().waitFor();
await page.getByRole('button', { name: 'Format', exact: true }).click();
await page.getByRole('region', { name: 'Tray' }).waitFor();
await shot('small');
await page.setViewportSize({ width: 1280, height: 800 });
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
await page.getByRole('row', { name: /Column headings|Stripes/ }).first().waitFor();
await shot('versions');
await browser.close();
