import { expect, test } from '@playwright/test';
import { cell, drop, select, undo } from './sheet';

test('a step that collides with somebody else is kept, and done on what is there now when asked for again', async ({ page }) => {
    await page.goto('/');
    await expect(page.getByRole('heading', { name: /Workbooks/ })).toBeVisible();
    await drop(page, 'Osier beds.csv', 'Tree,Count\nOsier,3\nAlder,4\n');
    await page.getByRole('button', { name: 'Keep this table' }).click();
    await expect(cell(page, 'Osier')).toBeVisible();

    // Somebody else puts a row in: addresses mean other cells from then on.
    const id = Number(/workbooks\/(\d+)/.exec(page.url())?.[1]);
    const status = await page.evaluate(async (workbook) => {
        const token = /XSRF-TOKEN=([^;]*)/.exec(document.cookie)?.[1] ?? '';
        const answer = await fetch(`/api/workbooks/${workbook}/acts`, {
            method: 'POST',
            headers: {
                'Content-Type': 'application/json',
                Accept: 'application/json',
                'X-XSRF-TOKEN': decodeURIComponent(token),
            },
            body: JSON.stringify({
                act: 'move',
                revision: 1,
                sheet: 1,
                arguments: { axis: 'rows', at: 2, count: 1, in: true },
            }),
        });
        return answer.status;
    }, id);
    expect(status).toBe(200);

    await select(page, 'B3');
    await page.keyboard.type('9');
    await page.keyboard.press('Enter');
    await expect(page.getByText('your step is kept')).toBeVisible();
    await page.getByRole('button', { name: 'Do it now' }).click();
    await expect(undo(page, 'Data: B3 typed')).toBeVisible();
    await expect(cell(page, '9')).toBeVisible();
});
