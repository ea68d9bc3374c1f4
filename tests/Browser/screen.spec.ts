import { expect, test, type Locator } from '@playwright/test';
import { chromiumOptions } from '../../bench/chromium.mjs';
import { act, bringIn, cell, openBench, select, send, undo } from './sheet';

// The usual browser has scroll bars that take room.
test.use({ launchOptions: { ...chromiumOptions, ignoreDefaultArgs: ['--hide-scrollbars'] } });

async function place(what: Locator): Promise<{ x: number; y: number; width: number; height: number }> {
    return (await what.boundingBox()) ?? { x: NaN, y: NaN, width: NaN, height: NaN };
}

for (const [width, height] of [
    [1280, 800],
    [1024, 768],
] as const)
    test(`nothing scrolls but the sheet, and nothing of the tray is cut, at ${width} wide`, async ({ page }) => {
        await page.setViewportSize({ width, height });
        await openBench(page, 'Spring orders');
        const tray = page.getByRole('region', { name: 'Tray' });
        await expect(tray.getByRole('heading', { name: 'Colour' })).toBeVisible();
        expect(await page.evaluate(() => [document.documentElement.scrollWidth, document.documentElement.scrollHeight])).toEqual([
            width,
            height,
        ]);
        const box = await place(tray);
        for (const control of await tray.locator('button:visible, input:visible, select:visible').all()) {
            const own = await place(control);
            expect(own.x + own.width).toBeLessThanOrEqual(box.x + box.width);
            expect(own.y + own.height).toBeLessThanOrEqual(box.y + box.height);
        }
        // A facet that there was no room for is one press away, and does the same.
        await select(page, 'C3:C4');
        await page.getByRole('radio', { name: /These 2 cells/ }).check();
        if (width < 1200) await tray.getByRole('button', { name: 'Borders', exact: true }).click();
        await page.getByRole('button', { name: 'Outline', exact: true }).click();
        await expect(undo(page, /C3:C4/)).toBeVisible();
        await page.keyboard.press('Escape');
        await expect(page.locator('[data-line=thin]').first()).toBeAttached();
        await page.keyboard.press('Control+z');
        await expect(undo(page, /C3:C4/)).toHaveCount(0);
    });

test('each of the thirteen kinds of line is drawn in its own way', async ({ page }) => {
    const kinds = [
        'hair',
        'dotted',
        'dashed',
        'dashDot',
        'dashDotDot',
        'thin',
        'mediumDashed',
        'mediumDashDot',
        'mediumDashDotDot',
        'slantDashDot',
        'medium',
        'double',
        'thick',
    ];
    const drawnBy = kinds.map((kind, index): [string, object] => [
        'borders',
        { ranges: `D${2 * index + 2}`, sides: { top: `${kind} #102030` } },
    ]);
    await bringIn(page, 'Weir lines.csv', 'Tree,Count\nOsier,3\nAlder,4\n', ...drawnBy);
    // Of the sheet; pictures of stylebooks in the tray have lines too.
    const lines = page.getByRole('grid', { name: /^Cells of/ }).locator('[data-line]');
    await expect(lines).toHaveCount(13);
    const drawn = new Map<string, string>();
    for (const kind of kinds) {
        const line = lines.and(page.locator(`[data-line=${kind}]`));
        drawn.set(kind, await line.evaluate((each) => `${getComputedStyle(each).background} ${each.clientHeight}`));
    }
    expect(new Set(drawn.values()).size).toBe(13);
    // Names of stylebooks are seen whole, above the bar that they are scrolled by.
    const books = page.getByRole('group', { name: 'Stylebooks' });
    const name = await place(books.getByText('Plain rule', { exact: true }));
    const end = await books.evaluate((each) => each.getBoundingClientRect().top + each.clientHeight);
    expect(name.y + name.height).toBeLessThanOrEqual(end);
});

test('a sheet of two columns and three rows fills a large window, and a larger one', async ({ page }) => {
    await page.setViewportSize({ width: 1920, height: 1200 });
    await bringIn(page, 'Two columns.csv', 'Tree,Count\nOak,3\nAsh,4\n');
    const grid = page.getByRole('grid');
    const reach = async () => {
        const [sheet, letter, row] = await Promise.all([
            place(grid),
            place(grid.getByRole('columnheader', { name: /^[A-Z]+$/ }).last()),
            place(grid.getByRole('rowheader', { name: /^\d+$/ }).last()),
        ]);
        return sheet.x + sheet.width - 20 <= letter.x + letter.width && sheet.y + sheet.height - 20 <= row.y + row.height;
    };
    await expect.poll(reach).toBe(true);
    await page.setViewportSize({ width: 2560, height: 1440 });
    await expect.poll(reach).toBe(true);
});

test('a hidden column shows nothing, and a ring on a dark fill has a light line', async ({ page }) => {
    await bringIn(page, 'Hidden lots.csv', 'Tree,Count,Note\nOsier,£3,a\nAlder,£4,b\n');
    await expect(page.getByRole('grid').locator('[role=gridcell][aria-colindex="2"]').first()).toBeVisible();
    await send(page, 'hide', { axis: 'columns', spans: [[2, 2]], hidden: true });
    await page.reload();
    await expect(cell(page, 'Osier')).toBeVisible();
    await expect(page.getByRole('grid').locator('[role=gridcell][aria-colindex="2"]')).toHaveCount(0);
    await select(page, 'A2');
    await expect(page.locator('[data-selected] > div')).toHaveCSS('border-top-color', /255, 255, 255|oklab\(0\.99/);
});

test('a merge names values as they are shown', async ({ page }) => {
    await bringIn(page, 'Merged sums.csv', 'Tree,Worth\nOsier,1204.5\nAlder,96.25\n', [
        'format',
        { ranges: 'B2:B3', look: { number: '"£"#,##0.00' } },
    ]);
    await expect(cell(page, '£1,204.50')).toBeVisible();
    await page.getByRole('button', { name: 'Format by hand' }).click();
    await select(page, 'B2:B3');
    await page.getByRole('button', { name: 'Merge', exact: true }).click();
    await expect(page.getByRole('dialog').getByText('£96.25')).toBeVisible();
    await page.getByRole('button', { name: 'Leave it' }).click();
});

test('colours are at hand on a sheet without a stylebook: by name, by eye and by code', async ({ page }) => {
    await bringIn(page, 'Plain lots.csv', 'Tree,Count\nOsier,3\nAlder,4\n');
    await page.getByRole('button', { name: 'Format by hand' }).click();
    await select(page, 'A2');
    await page.getByRole('button', { name: 'Other colours for fill' }).click();
    const panel = page.getByRole('dialog', { name: 'Fill colours' });
    await expect(panel.getByRole('button', { name: 'Lagoon', exact: true })).toBeVisible();
    const before = await place(panel);
    await panel.getByLabel('Colour as a name or a code').fill('dark mud');
    await expect(panel.getByText('“dark mud” is no colour')).toBeVisible();
    await panel.getByLabel('Colour as a name or a code').fill('#fff');
    await panel.getByRole('button', { name: 'By eye' }).click();
    await expect(panel.getByText(/ : 1/)).toBeVisible();
    await panel.getByLabel('Colour as a name or a code').fill('navy');
    await expect(panel.getByText('#000080').first()).toBeVisible();
    expect(await place(panel)).toEqual(before);
    await panel.getByRole('button', { name: 'Use' }).click();
    await expect(undo(page, /Fill/)).toBeVisible();
});

test('a row without a size of its own grows with what it holds, without a stylebook', async ({ page }) => {
    await bringIn(page, 'Tall title.csv', 'Lengths by the ford,\n,\nTree,Count\nOsier,3\nAlder,4\n');
    await page.getByRole('button', { name: 'Format by hand' }).click();
    await select(page, 'A1');
    const height = async () => (await page.getByRole('rowheader', { name: '1', exact: true }).boundingBox())?.height ?? 0;
    const usual = await height();
    await page.getByLabel('Size in points').fill('24');
    await page.keyboard.press('Enter');
    await expect.poll(height).toBeGreaterThan(usual + 8);
    await act(page, 'Undo');
    await expect.poll(height).toBe(usual);
});

test('a menu gives way to the next press, which does what it is for; a dialog keeps presses from what is behind it', async ({
    page,
}) => {
    await openBench(page, 'Spring orders');
    const address = page.getByLabel('Address of the selection');
    const menu = page.getByRole('menu', { name: 'The chosen cells' });
    await cell(page, 'Kunde').click({ button: 'right' });
    await expect(menu).toBeVisible();
    const before = await menu.boundingBox();
    await cell(page, 'Einzelpreis').click({ button: 'right' });
    await expect(address).toHaveValue('F1');
    await expect(menu).toHaveCount(1);
    expect(await menu.boundingBox()).not.toEqual(before);
    await cell(page, 'Datum').click();
    await expect(menu).toHaveCount(0);
    await expect(address).toHaveValue('B1');

    const grid = page.getByRole('grid');
    const at = await cell(page, 'Kunde').boundingBox();
    const beside = { x: (at?.x ?? 0) + 8, y: (at?.y ?? 0) + 8 };
    await page.keyboard.press('Control+k');
    await expect(page.getByRole('dialog', { name: 'Find an action' })).toBeVisible();
    // Nothing is changed that all of the page would be styled anew for.
    await expect(page.locator('body')).not.toHaveAttribute('data-scroll-locked');
    await expect(page.locator('body')).toHaveCSS('pointer-events', 'auto');
    await page.mouse.move(beside.x, beside.y);
    await page.mouse.wheel(0, 400);
    await page.mouse.click(beside.x, beside.y);
    await expect(page.getByRole('dialog')).toHaveCount(0);
    await expect(address).toHaveValue('B1');
    expect(await grid.evaluate((box) => box.scrollTop)).toBe(0);
    await expect(grid).toBeFocused();
});
