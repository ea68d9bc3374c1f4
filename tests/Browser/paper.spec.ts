import { execFileSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { resolve } from 'node:path';
import { expect, test, type Download, type Page } from '@playwright/test';
import { failing } from './hands';
import { accessible } from './accessible';
import { act, bringIn, select } from './sheet';

const demo = (name: string) =>
    readFileSync(resolve(`storage/framework/testing/browser-${process.env.RILVET_HALF ?? 1}/demo/${name}`));

/** A copy of the demo of one's own, dressed. */
async function nursery(page: Page, name: string, stylebook = 'Weather book', pages?: object): Promise<void> {
    const dress: [string, object] = ['dress', { stylebook, clean: false, sheets: 'all' }];
    await bringIn(
        page,
        `${name}.xlsx`,
        demo('Nursery year.xlsx'),
        dress,
        ...(pages ? [['pages', { says: pages }] as typeof dress] : []),
    );
    await expect(page.getByRole('gridcell', { name: 'Silver birch' }).first()).toBeVisible();
}

const view = (page: Page) => page.getByRole('navigation', { name: 'Views' }).getByRole('button', { name: 'Paper' });
const status = (page: Page) => page.getByRole('region', { name: 'The page', exact: true }).getByRole('status');
const leaf = (page: Page) => page.getByRole('region', { name: 'The page', exact: true }).getByRole('figure');
const line = (page: Page) => page.getByRole('slider', { name: 'Where the page ends', exact: true });

async function toPaper(page: Page): Promise<void> {
    await view(page).click();
    await expect(status(page)).toHaveText(/Page 1 of/);
    await expect(leaf(page)).toContainText('Stock at the river beds');
}

async function taken(page: Page, which: RegExp): Promise<Download> {
    await page.getByRole('button', { name: 'Take the pdf' }).click();
    await page.getByRole('menuitem', { name: which }).click();
    await expect(page.getByTestId('proof')).toContainText(/pages? written/);
    const download = page.waitForEvent('download');
    await page.getByRole('link', { name: 'Download the pdf' }).click();
    const file = await download;
    await page.getByRole('button', { name: 'Close' }).click();
    return file;
}

const read = (path: string, ...options: string[]) =>
    execFileSync('pdftotext', [...options, path, '-'], { encoding: 'utf8', maxBuffer: 64 * 1024 * 1024 });

test('by mouse: sheets are made to fit, a break is dragged, head, foot and page colour set for all, and the pdf read back', async ({
    page,
}) => {
    await nursery(page, 'Paper by mouse');
    await toPaper(page);
    await accessible(page);
    // All ten columns on one page, turned, and why.
    await expect(page.getByRole('region', { name: 'Paper', exact: true })).toContainText('turned, since 10 columns need it');
    await page.getByLabel('Paper size').selectOption('A5');
    await expect(status(page)).not.toHaveText('Page 1 of 1');
    await expect(page.getByText(/would need \d+ % and type of/)).toBeVisible();
    // Columns made narrower take fewer pages beside each other.
    await page.getByRole('button', { name: 'Narrow the columns to the page' }).click();
    await expect(page.getByRole('region', { name: 'The page', exact: true })).toContainText('all 10 columns');
    // The page itself comes a moment after what is said of it.
    await expect(leaf(page)).toContainText("Grower's note");
    // Why the page ends where it does, and another end by dragging.
    await line(page).hover();
    await expect(page.getByText(/^The page ends here/)).toBeVisible();
    const before = Number(await line(page).getAttribute('aria-valuenow'));
    const box = await line(page).boundingBox();
    if (!box) throw new Error('no line');
    await page.mouse.move(box.x + 30, box.y + box.height / 2);
    await page.mouse.down();
    await page.mouse.move(box.x + 30, box.y - 60, { steps: 6 });
    await expect(page.getByText(/The page would end after row/)).toBeVisible();
    await page.mouse.up();
    await expect.poll(async () => Number(await line(page).getAttribute('aria-valuenow'))).toBeLessThan(before);
    const moved = await line(page).getAttribute('aria-valuenow');
    await expect(page.getByRole('button', { name: `Undo: Page ends after row ${moved}` })).toBeVisible();
    // The next page goes on there, below headings of its own.
    await page.getByRole('button', { name: 'The next page' }).click();
    await expect(page.getByText(`rows ${Number(moved) + 1} to`)).toBeVisible();
    await expect(leaf(page)).toContainText('Species');
    // For all sheets of the stylebook.
    await page.getByRole('radio', { name: /Weather book, everywhere/ }).check();
    await page.getByRole('button', { name: 'Page colour' }).click();
    await page.getByLabel('Page colour by code').fill('#FCF3D8');
    await page.getByRole('button', { name: 'Take it' }).click();
    await expect(leaf(page).locator('svg > rect').first()).toHaveAttribute('fill', '#FCF3D8');
    await page.getByRole('button', { name: 'Write them' }).click();
    const dialog = page.getByRole('dialog');
    await accessible(page, '[role=dialog]');
    await dialog.getByLabel('Foot, left', { exact: true }).fill('Beds: ');
    await dialog.getByRole('button', { name: 'Title of the table' }).click();
    await expect(dialog.getByLabel('Foot, left', { exact: true })).toHaveValue('Beds: {title}');
    await dialog.getByRole('button', { name: 'Set them' }).click();
    await expect(leaf(page)).toContainText('Beds: Stock at the river beds');
    // The other sheet wears the same, and its headings repeat.
    await page
        .getByLabel('Sheet', { exact: true })
        .selectOption({ label: await page.locator('option', { hasText: /^Orders/ }).innerText() });
    await expect(leaf(page)).toContainText('Beds:');
    await page.getByRole('option', { name: 'Page 3' }).click();
    await expect(status(page)).toHaveText(/Page 3 of/);
    await expect(leaf(page)).toContainText('Customer');
    const file = await taken(page, /^All sheets/);
    const path = await file.path();
    const text = read(path, '-layout');
    const pages = text.split('\f').slice(0, -1);
    expect(Number(/Pages: +(\d+)/.exec(execFileSync('pdfinfo', [path], { encoding: 'utf8' }))?.[1])).toBe(pages.length);
    for (const [at, one] of pages.entries()) expect(one).toContain(`${at + 1} of ${pages.length}`);
    expect(pages[0]).toContain('Silver birch');
    expect(text).toContain('Beds: Stock at the river beds');
    expect(execFileSync('qpdf', ['--check', path], { encoding: 'utf8' })).toContain('No syntax');
});

test('by key alone: pages are gone through, an end is moved, paper and foot set, and the pdf taken', async ({ page }) => {
    await nursery(page, 'Paper by key', 'River ledger');
    await act(page, 'Paper: the pages');
    await expect(status(page)).toHaveText('Page 1 of 1');
    await page.getByLabel('Paper size').focus();
    await page.keyboard.type('A5');
    await expect(page.getByRole('button', { name: /^Undo: Pages set, Stock/ })).toBeVisible();
    await expect(status(page)).not.toHaveText('Page 1 of 1');
    // Letters of one word are one choice: one step takes it back.
    await page.keyboard.press('Control+z');
    await expect(status(page)).toHaveText('Page 1 of 1');
    await page.keyboard.press('Control+y');
    await expect(status(page)).not.toHaveText('Page 1 of 1');
    const list = page.getByRole('listbox', { name: 'Pages' });
    await list.focus();
    await page.keyboard.press('ArrowDown');
    await expect(status(page)).toHaveText(/Page 2 of/);
    await page.keyboard.press('Home');
    await expect(status(page)).toHaveText(/Page 1 of/);
    await line(page).focus();
    const end = Number(await line(page).getAttribute('aria-valuenow'));
    await expect(line(page)).toHaveAttribute('aria-valuetext', /so that the group stays whole/);
    // Two steps are one act, and the line keeps the keys.
    await page.keyboard.press('ArrowUp');
    await page.keyboard.press('ArrowUp');
    await expect(line(page)).toHaveAttribute('aria-valuenow', String(end - 2));
    await expect(page.getByRole('button', { name: new RegExp(`^Undo: Page ends after row ${end - 2}`) })).toBeVisible();
    await expect(line(page)).toBeFocused();
    await page.keyboard.press('Delete');
    await expect(line(page)).toHaveAttribute('aria-valuenow', String(end));
    await page.getByRole('button', { name: 'Write them' }).focus();
    await page.keyboard.press('Enter');
    await page.getByLabel('Head, centre').focus();
    await page.keyboard.type('Counted in March');
    await page.getByRole('button', { name: 'Set them' }).focus();
    await page.keyboard.press('Enter');
    await expect(leaf(page)).toContainText('Counted in March');
    await page.getByRole('button', { name: 'Take the pdf' }).focus();
    await page.keyboard.press('Enter');
    await page.keyboard.press('Enter');
    await expect(page.getByTestId('proof')).toContainText(/pages written/);
    const download = page.waitForEvent('download');
    await page.getByRole('link', { name: 'Download the pdf' }).focus();
    await page.keyboard.press('Enter');
    expect(read(await (await download).path())).toContain('Counted in March');
    await page.keyboard.press('Escape');
    await expect(page.getByRole('dialog')).toHaveCount(0);
    // Undone step by step, the pages are as they were. A list that is typed into goes by each letter, so the steps are some more.
    await expect(async () => {
        await page.keyboard.press('Control+z');
        await expect(status(page)).toHaveText('Page 1 of 1', { timeout: 1_500 });
    }).toPass();
});

test('with a server that fails, what is asked for is done once', async ({ page }) => {
    await nursery(page, 'Paper that fails', 'River ledger');
    await toPaper(page);
    const failed = await failing(page);
    await page.getByLabel('Paper size').selectOption('A5');
    await expect(page.getByRole('button', { name: /^Undo: Pages set, Stock/ })).toBeVisible();
    await page.getByRole('switch', { name: 'One at each group' }).click();
    await expect(page.getByRole('switch', { name: 'One at each group' })).toBeChecked();
    await page.getByRole('switch', { name: 'Labels' }).click();
    await expect(page.getByRole('switch', { name: 'Labels' })).not.toBeChecked();
    await line(page).focus();
    await page.keyboard.press('ArrowUp');
    await expect(page.getByRole('button', { name: /^Undo: Page ends after row/ })).toBeVisible();
    await expect(leaf(page)).toContainText('Stock at the river beds');
    expect(failed()).toBeGreaterThan(0);
    await page.unroute('**/api/**');
    const id = /workbooks\/(\d+)/.exec(page.url())?.[1];
    const history = (await (await page.request.get(`/api/workbooks/${id}/history`)).json()) as { words: string }[];
    expect(history.filter((one) => one.words.startsWith('Pages set'))).toHaveLength(3);
    expect(history.filter((one) => one.words.startsWith('Page ends'))).toHaveLength(1);
});

for (const [width, height] of [
    [1280, 800],
    [1024, 720],
] as const)
    test(`at ${width} wide nothing is cut, and the page does not scroll`, async ({ page }) => {
        await page.setViewportSize({ width, height });
        await nursery(page, `Paper ${width}`, 'River ledger');
        await toPaper(page);
        expect(await page.evaluate(() => [document.documentElement.scrollWidth, document.documentElement.scrollHeight])).toEqual([
            width,
            height,
        ]);
        for (const name of ['Bench', 'Side by side', 'Findings', 'Paper']) {
            const box = await page
                .getByRole('navigation', { name: 'Views' })
                .getByRole('button', { name: new RegExp(`^${name}`) })
                .boundingBox();
            expect(box?.height, name).toBeLessThan(34);
        }
        const tray = page.getByRole('region', { name: 'Page tray' });
        const facets = ['Applies to', 'Paper', 'Size on it', 'What prints', 'Breaks', 'Edges', 'Head and foot'];
        for (const name of facets) {
            const facet = tray.getByRole('region', { name, exact: true });
            if ((await facet.count()) === 0) {
                await tray.getByRole('button', { name, exact: true }).click();
                await expect(page.getByRole('dialog', { name }).getByRole('region', { name, exact: true })).toBeVisible();
                await page.keyboard.press('Escape');
                continue;
            }
            const box = await facet.boundingBox();
            expect((box?.x ?? 0) + (box?.width ?? 9999), name).toBeLessThanOrEqual(width + 1);
            expect(await facet.evaluate((element) => element.scrollHeight <= element.clientHeight + 1), name).toBe(true);
        }
        const page1 = await leaf(page).boundingBox();
        expect((page1?.y ?? 0) + (page1?.height ?? 9999)).toBeLessThan(height - 152);
    });

test('texts of the pdf stand where the Bench shows them, to the px', async ({ page }) => {
    const pages = { wide: 0, tall: 0, scale: 100, turn: 'turned', paper: 'A3', left: 15, top: 15 };
    await nursery(page, 'Paper to the px', 'River ledger', pages);
    await expect(page.getByRole('gridcell', { name: 'Yew' }).first()).toBeVisible();
    await page.evaluate(() => document.fonts.ready.then(() => undefined));
    // Where the letters begin and end on the Bench, from the corner of the cells.
    const shown = await page.evaluate(() => {
        const sheet = document.querySelector('[role=grid] .sheet')?.getBoundingClientRect();
        const found: [string, number, number][] = [];
        for (const cell of document.querySelectorAll('[role=grid] .sheet [role=gridcell]')) {
            const text = cell.textContent.trim();
            if (!/^[A-Za-z]{3,}$/.test(text)) continue;
            const range = document.createRange();
            range.selectNodeContents(cell);
            const box = range.getBoundingClientRect();
            found.push([text, box.left - (sheet?.left ?? 0), box.top + box.height / 2 - (sheet?.top ?? 0)]);
        }
        return found;
    });
    expect(shown.length).toBeGreaterThan(15);
    await toPaper(page);
    const path = await (await taken(page, /^Stock/)).path();
    const px = (pt: string) => (Number(pt) * 96) / 72 - (15 * 96) / 25.4;
    const words = [
        ...read(path, '-bbox', '-l', '1').matchAll(/xMin="([\d.]+)" yMin="([\d.]+)" xMax="[\d.]+" yMax="([\d.]+)">([^<]+)</g),
    ];
    for (const [text, left, middle] of shown) {
        const near = words
            .filter(([, , , , word]) => word === text)
            .map(([, x = '', y1 = '', y2 = '']) => [px(x) - left, (px(y1) + px(y2)) / 2 - middle]);
        expect(
            near.some(([dx = 9, dy = 9]) => Math.abs(dx) <= 1 && Math.abs(dy) <= 1.5),
            `${text} at ${left}, ${middle}: ${JSON.stringify(near)}`,
        ).toBe(true);
    }
});

test('lines on the Bench say where pages end, and a picture is made of chosen cells', async ({ page }) => {
    await nursery(page, 'Paper on the Bench', 'River ledger', { paper: 'A5', wide: 0, scale: 100 });
    await act(page, 'Lines where pages end');
    const ends = page.locator('[data-page-ends] [data-end]');
    await expect(ends.first()).toBeAttached();
    const row = Number(/row (\d+)/.exec((await ends.first().getAttribute('data-end')) ?? '')?.[1]);
    const number = await page.getByRole('rowheader', { name: String(row), exact: true }).boundingBox();
    const drawn = await ends.first().boundingBox();
    expect(Math.abs((number?.y ?? 0) + (number?.height ?? 0) - (drawn?.y ?? 0))).toBeLessThanOrEqual(2);
    await select(page, 'A1:E9');
    await toPaper(page);
    for (const [item, start] of [
        [/^Svg/, '<svg'],
        [/^Png/, '\u0089PNG'],
    ] as const) {
        await page.getByRole('button', { name: 'Picture' }).click();
        const download = page.waitForEvent('download');
        await page.getByRole('menuitem', { name: item }).click();
        expect(readFileSync(await (await download).path(), 'latin1').startsWith(start)).toBe(true);
    }
});

test('a web page prints with the same rules', async ({ page, browser }) => {
    await nursery(page, 'Paper of a web page', 'River ledger');
    await page.keyboard.press('Control+s');
    await page.getByRole('radio', { name: /Web page, html/ }).check();
    await page.getByRole('button', { name: 'Write the file' }).click();
    const download = page.waitForEvent('download');
    await page.getByRole('link', { name: 'Download the html' }).click();
    const file = await (await download).path();
    const printed = await browser.newPage();
    await printed.setContent(readFileSync(file, 'utf8'));
    const path = `${file}.pdf`;
    await printed.pdf({ path, preferCSSPageSize: true, printBackground: true });
    await printed.close();
    const sizes = execFileSync('pdfinfo', ['-l', '99', path], { encoding: 'utf8' });
    // Stock lies turned, the laboratory's sheet upright, as in the Paper view.
    expect(/Page +1 size: +([\d.]+) x ([\d.]+)/.exec(sizes)?.slice(1).map(Number).map(Math.round)).toEqual([842, 595]);
    expect(sizes).toMatch(/size: +59\d(?:\.\d+)? x 84\d/);
    // Headings at the top of a list stand on each of its pages.
    const orders = read(path, '-layout')
        .split('\f')
        .filter((one) => /\bR-1\d{3}\b/.test(one));
    expect(orders.length).toBeGreaterThan(2);
    for (const one of orders) expect(one).toContain('Customer');
});
