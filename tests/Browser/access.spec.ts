import { expect, test } from '@playwright/test';
import { accessible } from './accessible';
import { openBench, select } from './sheet';

test('F6 goes round the parts of the Bench, and there is one main part with a heading', async ({ page }) => {
    await openBench(page, 'Spring orders');
    await expect(page.getByRole('main').getByRole('heading', { level: 1, name: 'Spring orders' })).toBeAttached();
    await select(page, 'C3');
    const inside = () =>
        page.evaluate(() =>
            ['nav[aria-label=Outline]', '[role=grid]', '[aria-label=Tray]', 'footer', 'header'].findIndex((place) =>
                document.querySelector(place)?.contains(document.activeElement),
            ),
        );
    await page.getByRole('grid').focus();
    for (const place of [2, 3, 4, 0, 1]) {
        await page.keyboard.press('F6');
        expect(await inside()).toBe(place);
    }
    await page.keyboard.press('Shift+F6');
    expect(await inside()).toBe(0);
});

test('what looks for faults finds one that is new, and one that was behind a dialog', async ({ page }) => {
    await openBench(page, 'Spring orders');
    const faults = () => accessible(page, 'header').then(() => '', String);
    const put = (html: string) =>
        page.locator('nav[aria-label=Views]').evaluate((views, text) => views.insertAdjacentHTML('beforeend', text), html);
    await put('<button data-put></button>');
    await page.keyboard.press('Control+k');
    await expect(page.getByRole('dialog')).toBeVisible();
    expect(await faults()).toBe('');
    // Of the whole page it is the dialog that is looked at now.
    const all = () => accessible(page).then(() => '', String);
    expect(await all()).toBe('');
    await page.getByRole('dialog').evaluate((dialog) => dialog.insertAdjacentHTML('beforeend', '<button data-inside></button>'));
    expect(await all()).toContain('data-inside');
    await page.keyboard.press('Escape');
    await expect(page.getByRole('dialog')).toHaveCount(0);
    expect(await faults()).toContain('button-name');
    await page.locator('[data-put]').evaluate((button) => button.remove());
    expect(await faults()).toBe('');
    await put('<span style="color: #ddd">faint</span>');
    expect(await faults()).toContain('color-contrast');
});

test('contrast is measured once for each ink on each ground, and no other is missed for it', async ({ page }) => {
    await openBench(page, 'Spring orders');
    // Of each pair the first can be read, and what differs makes the other one faint.
    const pairs = [
        ['<p style="color: #333">', '<p style="color: #bbb">'],
        ['<p style="color: #555">', '<p style="color: #555; background: #666">'],
        ['<p style="color: #222; background: #fff">', '<div style="opacity: 0.4"><p style="color: #222; background: #fff">'],
        ['<p style="color: #767676">', '<div style="background: #999"><p style="color: #767676">'],
        ['<p style="color: #888; font-size: 30px">', '<p style="color: #888; font-size: 13px">'],
    ];
    for (const place of ['nav[aria-label=Views]', '[role=dialog]']) {
        if (place === '[role=dialog]') await page.keyboard.press('Control+k');
        const put = (which: 0 | 1) =>
            page.locator(place).evaluate(
                (within, texts) =>
                    within.insertAdjacentHTML(
                        'beforeend',
                        texts
                            .map(
                                (text, at) =>
                                    `<div style="position: fixed; z-index: 99; top: ${at * 60}px; background: #fff">${text}</div>`,
                            )
                            .join(''),
                    ),
                pairs.map((pair, at) => `${pair[which] ?? ''}read ${at}`),
            );
        await put(0);
        await accessible(page, place);
        await put(1);
        const found = await accessible(page, place).then(() => '', String);
        expect(found.match(/read \d/g)).toEqual(['read 0', 'read 1', 'read 2', 'read 3', 'read 4']);
    }
});

test('focus comes back to the grid after a dialog', async ({ page }) => {
    await openBench(page, 'Spring orders');
    await page.getByRole('grid').focus();
    for (const keys of ['Control+k', 'Control+s']) {
        await page.keyboard.press(keys);
        await expect(page.getByRole('dialog')).toBeVisible();
        await page.keyboard.press('Escape');
        await expect(page.getByRole('dialog')).toHaveCount(0);
        await expect(page.getByRole('grid')).toBeFocused();
    }
});

test('with forced colours, chosen things and fills can be told apart; with less motion nothing moves', async ({ page }) => {
    await page.emulateMedia({ forcedColors: 'active', reducedMotion: 'reduce' });
    await openBench(page, 'Spring orders');
    const fill = page.locator('.sheet [aria-rowindex="5"] > [role=presentation]').first();
    await expect(fill).toBeVisible();
    expect(await fill.evaluate((each) => getComputedStyle(each).backgroundColor)).not.toMatch(
        /rgb\(255, 255, 255\)|rgba\(0, 0, 0, 0\)/,
    );
    const pressed = page.getByRole('region', { name: 'Tray' }).locator('[aria-pressed=true]').first();
    await expect(pressed).toHaveCSS('outline-style', 'solid');
    await accessible(page);
});

test('printed, the sheet stands alone', async ({ page }) => {
    await openBench(page, 'Spring orders');
    await page.emulateMedia({ media: 'print' });
    await expect(page.getByRole('navigation', { name: 'Outline' })).toBeHidden();
    await expect(page.getByLabel('Tray', { exact: true })).toBeHidden();
    await expect(page.getByRole('gridcell').first()).toBeVisible();
    await expect(page.getByText('Paper prints the whole sheet')).toBeVisible();
    // Fills are what is looked at: they are printed, too.
    await expect(page.locator('.sheet').first()).toHaveCSS('print-color-adjust', 'exact');
    // As many rows as a sheet of paper holds, of some three thousand.
    expect(await page.locator('.sheet [aria-rowindex]').count()).toBeLessThan(150);
});

test('each view opens by its own address, and is there after the page is loaded again', async ({ page }) => {
    await openBench(page, 'Hollin Lane site');
    const address = page.url();
    for (const [view, shown] of [
        ['side-by-side', page.getByRole('region', { name: 'What differs' }).getByText(/values? differs?$/)],
        ['findings', page.getByRole('heading', { name: /findings? on \d+ sheets?$/ })],
        ['paper', page.getByRole('status').filter({ hasText: /^Page 1 of/ })],
    ] as const) {
        await page.goto(`${address}/${view}`);
        await expect(shown).toBeVisible();
        await page.reload();
        await expect(shown).toBeVisible();
        await expect(page.getByText(/There is no sheet/)).toHaveCount(0);
    }
});

test('what is not there says so in plain words, and leads back to the shelf', async ({ page }) => {
    for (const [address, title, message] of [
        [
            '/workbooks/99999',
            'This workbook is not on the shelf',
            'There is no such workbook here. It may have been taken off the shelf.',
        ],
        [
            '/stylebooks/99999',
            'This stylebook is not on the shelf',
            'There is no such stylebook here. It may have been taken off the shelf.',
        ],
        [
            '/batches/00000000-0000-4000-8000-000000000000',
            'This batch is not on the shelf',
            'There is no such batch here. It may have been taken off the shelf.',
        ],
        ['/workbooks/1/somewhere', 'There is nothing at this address', 'It may have been written wrong, or be an old one.'],
    ] as const) {
        const answer = await page.goto(address);
        expect(answer?.status()).toBe(title === 'There is nothing at this address' ? 404 : 200);
        await expect(page.getByRole('heading', { name: title })).toBeVisible();
        await expect(page.getByText(message)).toBeVisible();
    }
    await accessible(page);
    await page.getByRole('button', { name: 'Back to the shelf' }).click();
    await expect(page.getByRole('heading', { name: /Workbooks/ })).toBeVisible();
});
