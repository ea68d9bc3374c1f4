import { expect, test } from '@playwright/test';
import { accessible } from './accessible';
import { cell, drop, handOver, openBench } from './sheet';

const BEDS = 'Rowan;clay;north;Ida\nAspen;loam;north;Ben\nHazel;clay;south;Ida\nHolly;sand;east;Uma\nElder;loam;west;Ben\n';
const GAPS = 'Species,Stock,Sold\nMaple,1351,591\nHolly,,\nRowan,1623,3975\nElm,1239,\nAsh,,12\nOak,77,41\nYew,,\nElder,18,40\n';

test('a table that is read with doubt is asked about; what it would be is seen before one press keeps it', async ({ page }) => {
    await page.goto('/');
    await drop(page, 'Beds of doubt.csv', BEDS);
    await page.getByRole('button', { name: 'Keep this table' }).click();
    const question = page.getByRole('region', { name: 'Question about the reading' });
    await expect(question).toContainText('No headings were found: row 1 looks like the rows below it.');
    await expect(page.getByText('A table here is read with doubt')).toBeVisible();
    await accessible(page);
    // Rested on, the second choice is seen in the margin, and nothing is kept.
    await question.getByRole('button', { name: 'Row 1 holds the headings' }).hover();
    await expect(page.getByRole('button', { name: 'Column headings, rows 1 to 1' })).toBeVisible();
    await expect(page.getByText('Trying on Row 1 holds the headings')).toBeVisible();
    await page.mouse.move(640, 500);
    await expect(page.getByRole('button', { name: 'Body, rows 1 to 5' })).toBeVisible();
    // The rows that are meant are selected by their words.
    await question.getByRole('button', { name: /No headings were found/ }).click();
    await expect(page.getByLabel('Address of the selection')).toHaveValue('A1:D5');
    await question.getByRole('button', { name: 'Row 1 holds the headings' }).click();
    await expect(question).toBeHidden();
    await expect(page.getByText('A table here is read with doubt')).toBeHidden();
    const outline = page.getByRole('navigation', { name: 'Outline' });
    await expect(outline.getByRole('button', { name: /Column headings 4/ })).toBeVisible();
    await expect(outline.getByText('read 100%')).toBeVisible();
    // Dressed, the row of headings is dressed as one, on the screen and in the file.
    await page.getByRole('button', { name: 'Plain rule' }).click();
    await expect(cell(page, 'Rowan')).toHaveCSS('font-weight', '700');
    const sheet = (await handOver(page)).worksheets[0];
    expect(sheet?.getCell('A1').font.bold).toBe(true);
    expect(sheet?.getCell('A2').font.bold ?? false).toBe(false);
});

test('by key alone: groups or data, answered, undone, asked again, and put off', async ({ page }) => {
    await page.goto('/');
    await drop(page, 'Gaps of doubt.csv', GAPS);
    await page.getByRole('button', { name: 'Keep this table' }).click();
    const question = page.getByRole('region', { name: 'Question about the reading' });
    await expect(question).toContainText('Rows 3, 8 are read as row groups');
    const data = question.getByRole('button', { name: 'Data', exact: true });
    for (let at = 0; at < 40 && !(await data.evaluate((button) => button === document.activeElement)); at++)
        await page.keyboard.press('Tab');
    await expect(page.getByText('Trying on Data')).toBeVisible();
    await page.keyboard.press('Enter');
    await expect(question).toBeHidden();
    await expect(page.getByRole('button', { name: 'Body, rows 2 to 9' })).toBeVisible();
    await page.getByRole('grid').press('Control+z');
    await expect(question).toBeVisible();
    await expect(page.getByRole('button', { name: /^Row groups?, rows 3 to 3/ })).toBeVisible();
    await question.getByRole('button', { name: 'Answer later' }).press('Enter');
    await expect(question).toBeHidden();
    await expect(page.getByRole('button', { name: /^Row groups?, rows 3 to 3/ })).toBeVisible();
});

test('the menu of a bracket says what came second, and offers it first', async ({ page }) => {
    await page.goto('/');
    await drop(page, 'Second choice.csv', 'Species,Stock,Sold\nRowan,12,3\nAspen,7,2\nHazel,9,4\nElm,14,5\nOak,3,1\nAll,52,17\n');
    await page.getByRole('button', { name: 'Keep this table' }).click();
    await page.getByRole('button', { name: 'Column headings, rows 1 to 1' }).click();
    const menu = page.getByRole('menu');
    await expect(menu).toContainText(/Column headings, read \d+%: words over columns of figures\. Second choice: body/);
    await expect(menu.getByRole('menuitem').nth(1)).toContainText('Body');
    await menu.getByRole('menuitem').nth(1).click();
    await expect(page.getByRole('button', { name: 'Body, rows 1 to 6' })).toBeVisible();
});

test('what is corrected once is known in the next file with these headings, and is forgotten on the shelf', async ({ page }) => {
    const plots = 'corner;ground;facing\nrowan;clay;north\naspen;loam;north\nhazel;clay;south\nholly;sand;east\n';
    await page.goto('/');
    await drop(page, 'Plots in spring.csv', plots);
    await page.getByRole('button', { name: 'Keep this table' }).click();
    await page.getByRole('button', { name: 'Row 1 holds the headings' }).click();
    const outline = page.getByRole('navigation', { name: 'Outline' });
    await expect(outline.getByRole('button', { name: /Column headings 3/ })).toBeVisible();
    // The next month's file, with other rows.
    const later = `${plots}elder;loam;west\nelm;clay;east\n`;
    await expect(async () => {
        await page.goto('/');
        await drop(page, 'Plots in autumn.csv', later);
        await page.getByRole('button', { name: 'Keep this table' }).click();
        await expect(outline.getByText('Read as it was corrected in “Plots in spring”.')).toBeVisible({ timeout: 3000 });
    }).toPass();
    await expect(page.getByRole('region', { name: 'Question about the reading' })).toBeHidden();
    await expect(page.getByRole('button', { name: 'Column headings, rows 1 to 1' })).toBeVisible();
    await outline.getByRole('button', { name: 'Read it without' }).click();
    await expect(page.getByRole('button', { name: 'Body, rows 1 to 7' })).toBeVisible();
    await page.getByRole('grid').press('Control+z');
    await expect(outline.getByText('Read as it was corrected in “Plots in spring”.')).toBeVisible();
    // Seen and forgotten on the shelf.
    await page.goto('/');
    const learned = page.getByRole('region', { name: 'Learned readings' });
    await expect(learned.getByText('from Plots in spring, 1 correction')).toBeVisible();
    // What is offered on a card while the mouse is over it is large enough to be pressed, too.
    await page.getByRole('article').first().hover();
    await accessible(page);
    await learned.getByRole('button', { name: 'Forget what was learned of corner, ground, facing' }).click();
    await expect(learned.getByText('corner, ground, facing')).toBeHidden();
});

test('a table with its headings at the left is said to be one, and is dressed as one', async ({ page }) => {
    await page.goto('/');
    await drop(
        page,
        'Trees across.csv',
        'Species,Rowan,Aspen,Hazel\nStock,1204,77,431\nSoil,moist,dry,any\nPrice,12.50,9.75,8.20\n',
    );
    await page.getByRole('button', { name: 'Keep this table' }).click();
    const outline = page.getByRole('navigation', { name: 'Outline' });
    await expect(outline.getByRole('button', { name: '4 Price amount' })).toBeVisible();
    await outline.getByRole('button', { name: '2 Stock integer' }).click();
    await expect(page.getByLabel('Address of the selection')).toHaveValue('B2:D2');
    await page.getByRole('button', { name: 'River ledger' }).click();
    await expect(cell(page, 'Soil')).toHaveCSS('font-weight', '700');
    await expect(cell(page, '1,204')).toBeVisible();
    const sheet = (await handOver(page)).worksheets[0];
    expect(sheet?.getCell('A3').font.bold).toBe(true);
    expect(sheet?.getCell('B2').numFmt).toContain('#,##0');
    // A person says that it is not: the column names the rows again.
    await outline.getByRole('button', { name: 'Correct column A' }).click();
    await page.getByRole('menuitem', { name: 'Row labels' }).click();
    await expect(outline.getByRole('button', { name: /Row labels A/ })).toBeVisible();
    await expect(outline.getByRole('button', { name: '4 Price amount' })).toBeHidden();
});

test('a design that a sheet came with is told, and becomes a stylebook that dresses another', async ({ page }) => {
    await openBench(page, 'Hollin Lane');
    const tray = page.getByRole('region', { name: 'Tray' });
    await expect(tray).toContainText(/This sheet came with a design of its own: fills on \d+ cells/);
    await tray.getByRole('checkbox', { name: /Start clean/ }).check();
    await expect(tray).toContainText('It is dropped.');
    await tray.getByRole('checkbox', { name: /Start clean/ }).uncheck();
    await tray.getByRole('button', { name: 'Learn a stylebook from it' }).click();
    const dialog = page.getByRole('dialog', { name: /Learned from Hollin Lane site/ });
    // Each rule says what it rests on, and can be refused.
    await expect(dialog.getByRole('listitem').filter({ hasText: 'Column headings, fill' })).toContainText(
        /\d+ of \d+ cells on 1 sheet/,
    );
    await accessible(page);
    await dialog.getByRole('checkbox', { name: /Title, size/ }).uncheck();
    await dialog.getByRole('button', { name: 'Keep as a stylebook' }).click();
    const kept = page.getByRole('dialog', { name: 'Looks of Hollin Lane site stands on the shelf' });
    await expect(kept.getByRole('list', { name: 'What does not follow' })).toContainText(/Title, size: 1 cell/);
    await accessible(page);
    await kept.getByRole('button', { name: 'Close' }).click();
    // Put on a raw table, its rows are filled as those of the first one were.
    const fills = () =>
        page
            .getByRole('grid')
            .locator('[style*="background"]')
            .evaluateAll((all) => [...new Set(all.map((one) => getComputedStyle(one).backgroundColor))]);
    const green = 'rgb(232, 241, 234)';
    await expect.poll(fills).toContain(green);
    await page.goto('/');
    await drop(page, 'Plain.csv', 'Tree,Count\nRowan,3\nAspen,4\nHazel,5\nElm,7\nOak,8\n');
    await page.getByRole('button', { name: 'Keep this table' }).click();
    await expect(cell(page, 'Aspen')).toBeVisible();
    expect(await fills()).not.toContain(green);
    await page.getByRole('button', { name: 'Looks of Hollin Lane site' }).click();
    await expect.poll(fills).toContain(green);
    await expect(page.getByTitle('Choose a stylebook')).toContainText('Looks of Hollin Lane site');
    // Other tests look for a workbook by what its card says.
    await page.getByRole('grid').press('Control+z');
    await expect(page.getByTitle('Choose a stylebook')).toContainText('no stylebook');
});
