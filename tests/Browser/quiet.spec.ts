import { expect, test } from '@playwright/test';
import { bringIn, cell, looks, select, undo } from './sheet';

test('what is seen of a sheet is asked for again only when something of it has changed', async ({ page }) => {
    await bringIn(page, 'Ferry lanes.csv');
    await page.waitForLoadState('networkidle');

    const asked: string[] = [];
    page.on('request', (request) => {
        asked.push(...looks(request).flatMap((address) => /sheets\/1\/(window|truths|cut)/.exec(address)?.[1] ?? []));
    });
    await page.getByRole('button', { name: /^Ferry lanes/ }).click();
    await page.getByRole('textbox', { name: /name/i }).fill('Ferries');
    await page.keyboard.press('Enter');
    await expect(undo(page, /Ferries/)).toBeVisible();
    await page.waitForLoadState('networkidle');
    expect(asked).toEqual([]);

    // One press is one request: the answer brings along what is in sight. Notes, counts and findings are worked out in a pause,
    // which a slow machine comes to before this looks.
    const sent: string[] = [];
    page.on('request', (request) => sent.push(...looks(request)));
    await select(page, 'B2');
    await page.waitForLoadState('networkidle');
    sent.length = 0;
    await page.keyboard.press('Control+b');
    await expect(undo(page, /Bold/)).toBeVisible();
    await expect(cell(page, '3')).toHaveCSS('font-weight', '700');
    await page.waitForLoadState('networkidle');
    expect(sent.filter((address) => !/cut|truths|touches|conditions|guard|findings/.test(address))).toEqual(['acts']);

    sent.length = 0;
    await page.keyboard.type('9');
    await page.keyboard.press('Enter');
    await expect(undo(page, 'Data: B2 typed')).toBeVisible();
    await expect(cell(page, '9')).toBeVisible();
    await expect.poll(() => new Set(asked)).toEqual(new Set(['truths', 'cut']));
    await page.waitForLoadState('networkidle');
    expect(sent.filter((address) => address.includes('window'))).toEqual([]);
});

test('of a long shelf the pictures of what is in sight are asked for, and the others when they are scrolled to', async ({
    page,
}) => {
    await page.goto('/');
    await expect(page.getByRole('heading', { name: /Workbooks/ })).toBeVisible();
    await page.evaluate(async () => {
        const token = decodeURIComponent(/XSRF-TOKEN=([^;]*)/.exec(document.cookie)?.[1] ?? '');
        const headers = { 'X-XSRF-TOKEN': token, Accept: 'application/json' };
        for (let count = 1; count <= 40; count++) {
            const body = new FormData();
            body.append('file', new File([`Tree,Count\nWillow ${count},${count}\nAlder,4\n`], `Long shelf ${count}.csv`));
            const { id } = (await (await fetch('/api/imports', { method: 'POST', headers, body })).json()) as { id: string };
            await fetch(`/api/imports/${id}/keep`, { method: 'POST', headers });
        }
    });
    let pictures = 0;
    page.on('request', (request) => (pictures += request.url().includes('/picture') ? 1 : 0));
    await page.goto('/');
    // Those of one second stand in any order.
    const mine = page.getByRole('article').filter({ has: page.getByRole('heading', { name: /^Long shelf/ }) });
    await expect(mine.first().getByText('Alder')).toBeVisible();
    await page.waitForLoadState('networkidle');
    expect(pictures).toBeLessThan(30);
    await expect(mine.last().getByText('Alder')).toHaveCount(0);
    await mine.last().scrollIntoViewIfNeeded();
    await expect(mine.last().getByText('Alder')).toBeVisible();
});

test('the shelf says when nobody is there to take what waits', async ({ page }) => {
    await page.route('**/api/imports', (route) =>
        route.request().method() === 'GET'
            ? route.fulfill({
                  json: {
                      imports: [
                          {
                              id: 'w',
                              name: 'Long table.csv',
                              status: 'queued',
                              progress: 0,
                              message: null,
                              workbook: null,
                              proposal: null,
                          },
                      ],
                      isWorked: false,
                  },
              })
            : route.continue(),
    );
    await page.goto('/');
    await expect(page.getByRole('alert').getByText('No worker is running, so these files wait. Nothing is lost')).toBeVisible();
    await page.unroute('**/api/imports');
});
