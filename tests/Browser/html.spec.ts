import { expect, test, type Page } from '@playwright/test';
import { readFileSync } from 'node:fs';
import { accessible } from './accessible';
import { bringIn, cell, openBench, widthOf } from './sheet';

const RAW = `Orders at the ford,,,
,,,
Item,Planned,Done,Paid
Birch,5,6,£1204.50
Rowan,1,2,£96.25
All,6,8,£1300.75
`;

async function handOver(page: Page, format: RegExp): Promise<string> {
    await page.keyboard.press('Control+s');
    const dialog = page.getByRole('dialog');
    await dialog.getByRole('radio', { name: format }).check();
    await page.getByRole('button', { name: 'Write the file' }).click();
    const download = page.waitForEvent('download');
    await page.getByRole('link', { name: /^Download the/ }).click();
    const path = await (await download).path();
    await page.getByRole('button', { name: 'Close' }).click();
    return readFileSync(path, 'utf8');
}

/** What the cells of the sheet show, by row and column: text, fill beneath, ink, weight. */
async function shown(page: Page): Promise<Record<string, string>> {
    return Object.fromEntries(
        await page.getByRole('gridcell').evaluateAll((cells) =>
            cells.map((each) => {
                const style = getComputedStyle(each);
                const row = each.closest('[aria-rowindex]')?.getAttribute('aria-rowindex');
                return [
                    `${row}.${each.getAttribute('aria-colindex')}`,
                    `${(each.textContent ?? '').replace(/\s+/g, '')} ${style.color} ${style.fontWeight} ` +
                        Math.round(parseFloat(style.fontSize) * 10) / 10,
                ];
            }),
        ),
    );
}

test('the html of a dressed sheet shows in a browser what the grid shows', async ({ page, browser }) => {
    await bringIn(page, 'Ford html.csv', RAW);
    await expect(cell(page, 'Birch')).toBeVisible();
    await page.getByRole('button', { name: /River ledger/ }).click();
    await expect(page.getByText('wears River ledger')).toBeVisible();
    await expect.poll(async () => Object.keys(await shown(page)).length).toBeGreaterThan(15);
    // The cells stay in sight as they were until those with the stylebook's own ink are there.
    await expect
        .poll(async () => Object.values(await shown(page)).filter((text) => text.includes('rgb(0, 0, 0)')).length)
        .toBe(0);
    const grid = await shown(page);
    const html = await handOver(page, /html/i);
    expect(html).not.toContain('<script');
    const other = await browser.newPage();
    await other.setContent(html);
    const table = await other.locator('table tr').evaluateAll((rows) =>
        rows.flatMap((row, down) => {
            let column = 0;
            return [...row.children].map((each) => {
                column += 1;
                const at = `${down + 1}.${column}`;
                column += (each as HTMLTableCellElement).colSpan - 1;
                const style = getComputedStyle(each);
                return [
                    at,
                    `${(each.textContent ?? '').replace(/\s+/g, '')} ${style.color} ${style.fontWeight} ` +
                        Math.round(parseFloat(style.fontSize) * 10) / 10,
                ] as [string, string];
            });
        }),
    );
    const found = Object.fromEntries(table);
    let compared = 0;
    for (const [place, text] of Object.entries(grid)) {
        if (text.startsWith(' ')) continue;
        expect(`${place} ${found[place]}`).toBe(`${place} ${text}`);
        compared++;
    }
    expect(compared).toBeGreaterThan(15);
    expect(await other.locator('th[scope=col]').count()).toBe(4);

    // The page carries the faces that it was measured with, and nothing of a figure is cut; on a narrow page neither.
    expect(html).toMatch(/@font-face\{font-family:'[^']+';font-style:normal;font-weight:400;src:url\(data:font\/woff2/);
    await expect
        .poll(() => other.evaluate(() => [...document.fonts].filter((face) => face.status === 'loaded').length))
        .toBeGreaterThan(0);
    for (const width of [1280, 200]) {
        await other.setViewportSize({ width, height: 800 });
        const widths = await other
            .locator('table tr')
            .nth(3)
            .locator('td, th')
            .evaluateAll((cells) =>
                cells.map((each) => [each.clientWidth, each.scrollWidth, Math.round(each.getBoundingClientRect().width)]),
            );
        for (const [room, needs] of widths.slice(1)) expect(needs).toBeLessThanOrEqual(room ?? 0);
        for (const [index, letter] of ['A', 'B', 'C', 'D'].entries())
            expect(Math.abs((widths[index]?.[2] ?? 0) - (await widthOf(page, letter)))).toBeLessThanOrEqual(1);
    }
    // Where another type is wider, the column of figures grows instead.
    await other.addStyleTag({ content: 'td, th { font-size: 40px !important }' });
    const grown = await other
        .locator('table tr')
        .nth(3)
        .locator('td')
        .last()
        .evaluate((each) => [each.clientWidth, each.scrollWidth]);
    expect(grown[1]).toBeLessThanOrEqual(grown[0] ?? 0);
    await other.close();
});

test('a csv is written with the values as they are, and a hand-over can be left', async ({ page }) => {
    await openBench(page, 'Spring orders');
    const text = await handOver(page, /csv/i);
    expect(text.split('\r\n')[0]).toBe('Beleg,Datum,Kunde,Art,Menge,Einzelpreis,Betrag,Bezahlt');
    expect(text.split('\r\n').length).toBeGreaterThan(600);
    await page.keyboard.press('Control+s');
    await accessible(page);
    await page.keyboard.press('Escape');
    await expect(page.getByRole('dialog')).toHaveCount(0);
});
