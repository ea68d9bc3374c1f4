import { expect, test } from '@playwright/test';
import { accessible } from './accessible';
import { act, bringIn, cell, drop, openBench, select, send, undo } from './sheet';

test.use({ contextOptions: { reducedMotion: 'no-preference' } });

test('while the server does not answer, what was typed waits for it and is saved then', async ({ page }) => {
    await bringIn(page, 'Waiting weir.csv');
    let left = 3;
    await page.route('**/acts', (route) =>
        left-- > 1 ? route.abort('connectionrefused') : left === 0 ? route.fulfill({ status: 502, body: '' }) : route.continue(),
    );
    await select(page, 'B2');
    await page.keyboard.type('77');
    await page.keyboard.press('Enter');
    await expect(page.getByText('Waiting for the server; nothing is lost')).toBeVisible();
    await expect(undo(page, 'Data: B2 typed')).toBeVisible();
    await expect(cell(page, '77')).toBeVisible();
    await expect(page.getByText('Saved', { exact: true })).toBeVisible();
});

test('an answer that gets lost does its act once', async ({ page }) => {
    await bringIn(page, 'Lost answer.csv');
    let first = true;
    await page.route('**/acts', async (route) => {
        if (!first) return route.continue();
        first = false;
        await route.fetch();
        return route.abort('connectionreset');
    });
    await select(page, 'A2');
    await act(page, 'Put a row in above row 2');
    await expect(undo(page, /Row put in at 2/)).toBeVisible();
    await expect(page.getByText('Saved', { exact: true })).toBeVisible();
    await expect(page.getByRole('grid').locator('[aria-rowindex="3"]').getByText('Osier')).toBeVisible();
});

test('a step that the server fails at is kept and offered again', async ({ page }) => {
    await bringIn(page, 'Failing ford.csv');
    let first = true;
    await page.route('**/acts', (route) => {
        if (!first) return route.continue();
        first = false;
        return route.fulfill({ status: 500, json: { message: 'Something went wrong.' } });
    });
    await select(page, 'B3');
    await page.keyboard.press('Control+b');
    await expect(page.getByText('your step is kept')).toBeVisible();
    await page.getByRole('button', { name: 'Try again' }).click();
    await expect(undo(page, /Bold/)).toBeVisible();
});

test('a file that the server was not there for is kept, and comes in once when it is tried again', async ({ page }) => {
    await page.goto('/');
    await expect(page.getByRole('heading', { name: /Workbooks/ })).toBeVisible();
    let sent = 0;
    await page.route('**/api/imports', async (route) => {
        if (route.request().method() !== 'POST') return route.continue();
        sent++;
        if (sent === 1) return route.abort('connectionrefused');
        const answer = await route.fetch();
        return sent === 2 ? route.abort('connectionreset') : route.fulfill({ response: answer });
    });
    await drop(page, 'Missed mill.csv', 'Tree,Count\nOsier,3\nAlder,4\n');
    const missed = page.getByText('Missed mill.csv did not come in. The server does not answer.');
    await expect(missed).toBeVisible();
    await accessible(page);
    // This time the server takes it, but its answer gets lost.
    await page.getByRole('button', { name: 'Try again' }).click();
    await expect.poll(() => sent).toBe(2);
    await expect(missed).toBeVisible();
    // From another page too: who went on is not led away, and the question waits.
    await page.getByRole('link', { name: /^Spring orders/ }).click();
    await expect(page.getByRole('grid').getByRole('gridcell').first()).toBeVisible();
    await page.getByRole('button', { name: 'Try again' }).click();
    await page.getByRole('button', { name: 'To the shelf' }).click();
    await page.getByRole('button', { name: 'Keep this table' }).click();
    await expect(cell(page, 'Osier')).toBeVisible();
    const { imports } = (await (await page.request.get('/api/imports')).json()) as { imports: { name: string }[] };
    expect(imports.filter(({ name }) => name === 'Missed mill.csv')).toEqual([]);
    const { workbooks } = (await (await page.request.get('/api/shelf')).json()) as { workbooks: { name: string }[] };
    expect(workbooks.filter(({ name }) => name === 'Missed mill')).toHaveLength(1);
});

test('a sheet that cannot be read says so and can be tried again', async ({ browser, baseURL }) => {
    // In a page of its own, whose clock stands still: the sheet is asked for by itself as well, after a while.
    const context = await browser.newContext({ baseURL, viewport: { width: 1280, height: 800 } });
    const page = await context.newPage();
    await page.clock.install();
    let broken = true;
    await page.route(/\/sheets\/1$/, (route) =>
        broken ? route.fulfill({ status: 500, json: { message: 'It fails.' } }) : route.continue(),
    );
    await page.goto('/');
    const workbook = page.getByRole('link', { name: /Spring orders/ }).first();
    await expect(workbook).toBeVisible();
    // Well ahead of the page's own time, which goes on until then.
    await page.clock.pauseAt((await page.evaluate(() => Date.now())) + 60_000);
    await workbook.click();
    await expect(async () => {
        await page.clock.runFor(300);
        await expect(page.getByText('It fails.')).toBeVisible({ timeout: 200 });
    }).toPass({ intervals: [50] });
    await expect(page.getByRole('heading', { name: 'The sheet cannot be shown at present' })).toBeVisible();
    const asked = page.waitForRequest(/\/sheets\/1$/);
    await page.getByRole('button', { name: 'Try again' }).click();
    await asked;
    broken = false;
    await page.clock.resume();
    await expect(page.getByRole('grid').getByRole('gridcell').first()).toBeVisible();
    await context.close();
});

test('while the server is away, cells that are scrolled to are waited for, and those in sight stay', async ({ page }) => {
    await openBench(page, 'Frost log');
    const foot = page.getByRole('contentinfo');
    await expect(foot.getByText('Saved', { exact: true })).toBeVisible();
    let away = true;
    await page.route('**/api/**', (route) => (away ? route.abort('connectionrefused') : route.continue()));
    await select(page, 'A1500');
    await expect(page.getByRole('rowheader', { name: '1500', exact: true })).toBeVisible();
    // Blank cells are not taken for data that is gone: the foot says why.
    await expect(foot.getByText('Waiting for the server; nothing is lost')).toBeVisible();
    const row = page.getByRole('grid').locator('[aria-rowindex="1500"]').getByRole('gridcell');
    away = false;
    await expect(row.filter({ hasText: /2026/ }).first()).toBeVisible();
    await expect(foot.getByText('Saved', { exact: true })).toBeVisible();
    // Somebody else changes the sheet, and what came of it cannot be read: what was there stays where it was.
    await send(page, 'format', { ranges: 'B1500', look: { bold: true } });
    await page.route(/\/sheets\/1$|window/, (route) => (away ? route.abort('connectionrefused') : route.continue()));
    away = true;
    await page.unroute('**/api/**');
    await expect(foot.getByText('Waiting for the server; nothing is lost')).toBeVisible();
    await expect(row.filter({ hasText: /2026/ }).first()).toBeVisible();
    away = false;
    await expect(row.nth(1)).toHaveCSS('font-weight', '700');
    await expect(foot.getByText('Saved', { exact: true })).toBeVisible();
});

test('other pages say that the server is away as well, and show what they are for when it is back', async ({ page }) => {
    await openBench(page, 'Hollin Lane site');
    let away = true;
    await page.route('**/api/**', (route) => (away ? route.abort('connectionrefused') : route.continue()));
    await page.getByRole('button', { name: 'Findings', exact: true }).click();
    await expect(page.getByText('Waiting for the server; nothing is lost')).toBeVisible();
    await accessible(page);
    away = false;
    await expect(page.getByRole('heading', { name: /findings? on 2 sheets$/ })).toBeVisible();
    await expect(page.getByText('Waiting for the server; nothing is lost')).toHaveCount(0);
});

test('a machine without a network works with the server on it', async ({ page }) => {
    await openBench(page, 'Frost log');
    await page.evaluate(() => window.dispatchEvent(new Event('offline')));
    await select(page, 'A1200');
    await expect(
        page.getByRole('grid').locator('[aria-rowindex="1200"]').getByRole('gridcell').filter({ hasText: /2026/ }).first(),
    ).toBeVisible();
});

test('a workbook opens also when its picture comes in while it is being pressed', async ({ page }) => {
    let come = () => {};
    const held = new Promise<void>((resolve) => (come = resolve));
    await page.route('**/picture*', async (route) => {
        await held;
        return route.continue();
    });
    await page.goto('/');
    const card = page.getByRole('link', { name: /Nursery year/ }).first();
    await card.scrollIntoViewIfNeeded();
    const box = await card.boundingBox();
    await page.mouse.move((box?.x ?? 0) + 140, (box?.y ?? 0) + 60);
    await page.mouse.down();
    come();
    await expect(card.locator('.sheet')).toBeVisible();
    await page.mouse.up();
    await expect(page.getByRole('grid').getByRole('gridcell').first()).toBeVisible();
});

test('with a dialog open, keys do not reach the sheet behind it', async ({ page }) => {
    await openBench(page, 'Spring orders');
    await select(page, 'C3');
    await page.keyboard.press('Control+s');
    await expect(page.getByRole('dialog')).toBeVisible();
    await page.keyboard.press('Control+b');
    await page.keyboard.press('Control+k');
    await expect(page.getByRole('dialog')).toHaveCount(1);
    await page.keyboard.press('Escape');
    await expect(page.getByRole('button', { name: /^Undo: Bold/ })).toHaveCount(0);
});

test('everyday words find actions, and an act with a value asks for it', async ({ page }) => {
    await bringIn(page, 'Everyday words.csv');
    const found = async (words: string) => {
        await page.keyboard.press('Control+k');
        await page.getByRole('combobox', { name: 'Find an action' }).fill(words);
        const first = await page.getByRole('option').first().textContent();
        await page.keyboard.press('Escape');
        return first;
    };
    for (const [words, action] of [
        ['insert row', /Put a row in/],
        ['delete column', /Take out column/],
        ['font', /^Font/],
        ['freeze', /in sight/],
        ['percent', /percent/],
        ['border', /gridlines|Borders/],
        ['rename', /Rename the workbook/],
        ['unhide', /hidden columns|gridlines/],
    ] as const)
        expect(await found(words)).toMatch(action);
    await select(page, 'A2');
    await act(page, 'Fill with a colour');
    await page.getByLabel('A code such as #FFE08A').fill('#FFE08A');
    await page.keyboard.press('Enter');
    await expect(undo(page, /Fill/)).toBeVisible();
});

test('the frame of borders is pressed where it is nearest, and forgets what was undone', async ({ page }) => {
    await openBench(page, 'Spring orders');
    await select(page, 'D3:E5');
    const frame = page.getByRole('group', { name: 'Frame of the selection' });
    await frame.click({ position: { x: 48, y: 48 } });
    await expect(frame.getByRole('button', { name: 'Bottom edge' })).toHaveAttribute('aria-pressed', 'true');
    await expect(undo(page, /D3:E5/)).toBeVisible();
    await page.keyboard.press('Control+z');
    await expect(frame.getByRole('button', { name: 'Bottom edge' })).toHaveAttribute('aria-pressed', 'false');
    await frame.click({ position: { x: 8, y: 30 } });
    await expect(frame.getByRole('button', { name: 'Left edge' })).toHaveAttribute('aria-pressed', 'true');
    await page.keyboard.press('Control+z');
    await expect(frame.getByRole('button', { name: 'Left edge' })).toHaveAttribute('aria-pressed', 'false');
});

test('a screen that comes to a stop says so, and goes on when it is tried again', async ({ page }) => {
    await bringIn(page, 'Stopped stream.csv');
    // Something between here and the server answers in its place, with what no screen can be made of.
    await page.route(/\/api\/workbooks\/\d+$/, (route) => route.fulfill({ json: { sheets: 3 } }));
    await page.reload();
    await expect(page.getByRole('heading', { name: 'This screen came to a stop' })).toBeVisible();
    await page.getByRole('button', { name: 'Back to the shelf' }).click();
    await expect(page.getByRole('link', { name: /^Stopped stream/ })).toBeVisible();
    await page.getByRole('link', { name: /^Stopped stream/ }).click();
    await expect(page.getByRole('heading', { name: 'This screen came to a stop' })).toBeVisible();
    await accessible(page);
    await page.unroute(/\/api\/workbooks\/\d+$/);
    await page.getByRole('button', { name: 'Try again' }).click();
    await expect(cell(page, 'Osier')).toBeVisible();
});
