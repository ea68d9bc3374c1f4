import { expect, test } from '@playwright/test';
import { bringIn, cell, select, send, undo } from './sheet';

test.use({ contextOptions: { reducedMotion: 'no-preference' } });

test('a step that collides with somebody else is kept, and done on what is there now when asked for again', async ({ page }) => {
    await bringIn(page, 'Osier beds.csv');

    // Somebody else puts a row in: addresses mean other cells from then on.
    await send(page, 'move', { axis: 'rows', at: 2, count: 1, in: true });

    await select(page, 'B3');
    await page.keyboard.type('9');
    await page.keyboard.press('Enter');
    await expect(page.getByText('your step is kept')).toBeVisible();
    await page.getByRole('button', { name: 'Do it now' }).click();
    await expect(undo(page, 'Data: B3 typed')).toBeVisible();
    await expect(cell(page, '9')).toBeVisible();
});

test('a step that never arrived, and that somebody else overtook meanwhile, is told and kept', async ({ page }) => {
    await bringIn(page, 'Osier weir.csv');
    let isAway = true;
    await page.route('**/acts', (route) =>
        isAway && route.request().headers()['x-step'] ? route.abort('connectionrefused') : route.continue(),
    );
    await select(page, 'B3');
    await page.keyboard.type('9');
    await page.keyboard.press('Enter');
    await expect(page.getByText('Waiting for the server; nothing is lost')).toBeVisible();
    await send(page, 'edit', { cells: [[3, 2, '5']] });
    isAway = false;
    await expect(page.getByText('your step is kept')).toBeVisible();
    await expect(cell(page, '5')).toBeVisible();
    await page.getByRole('button', { name: 'Do it now' }).click();
    await expect(cell(page, '9')).toBeVisible();
});
