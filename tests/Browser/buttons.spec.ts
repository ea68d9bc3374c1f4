import { expect, test } from '@playwright/test';
import { accessible } from './accessible';
import { openBench, undo } from './sheet';

test('a menu opens by mouse and by key, shuts where it was opened, and gives the focus back', async ({ page }) => {
    await openBench(page, 'Spring orders');
    const outline = page.getByRole('navigation', { name: 'Outline' });
    const button = outline.getByRole('button', { name: 'Correct column B', exact: true });
    const menu = page.getByRole('menu', { name: 'Correct column B' });

    // By key its first item has the focus at once, at the first time as at any other.
    for (const key of ['Enter', ' ']) {
        await button.focus();
        await expect(button).toHaveAttribute('aria-expanded', 'false');
        await page.keyboard.press(key);
        await expect(menu.getByRole('menuitem', { name: 'Least first' })).toBeFocused();
        await expect(button).toHaveAttribute('aria-expanded', 'true');
        await expect(button).toHaveAttribute('aria-controls', (await menu.getAttribute('id')) ?? '');
        await page.keyboard.press('Escape');
        await expect(menu).toHaveCount(0);
        await expect(button).toBeFocused();
    }

    // By mouse it stands beside its button; a second press shuts it, and one elsewhere does.
    const other = outline.getByRole('button', { name: 'Correct column A', exact: true });
    const one = page.getByRole('menu', { name: 'Correct column A' });
    await other.click();
    await expect(one).toBeVisible();
    const [at, stands] = [await other.boundingBox(), await one.boundingBox()];
    expect(Math.abs((stands?.x ?? 0) - (at?.x ?? 0))).toBeLessThan(4);
    await accessible(page, '[role=menu]');
    await other.click();
    await expect(one).toHaveCount(0);
    await other.click();
    await expect(one).toBeVisible();
    await page.getByRole('grid').click({ position: { x: 400, y: 200 } });
    await expect(one).toHaveCount(0);

    // The other mouse button opens none.
    await other.click({ button: 'right' });
    await expect(page.getByRole('menu')).toHaveCount(0);
});

test('a panel opens by mouse and by key, shuts where it was opened, and gives the focus back', async ({ page }) => {
    await openBench(page, 'Spring orders');
    const button = page.getByRole('button', { name: 'History', exact: true });
    const panel = page.getByRole('dialog', { name: 'History' });
    await button.focus();
    await page.keyboard.press('Enter');
    await expect(panel).toBeVisible();
    await expect(button).toHaveAttribute('aria-controls', (await panel.getAttribute('id')) ?? '');
    await page.keyboard.press('Escape');
    await expect(panel).toHaveCount(0);
    await expect(button).toBeFocused();
    await button.click();
    await expect(panel).toBeVisible();
    await button.click();
    await expect(panel).toHaveCount(0);
});

test('the rows of a part are read as another one by its menu in the outline', async ({ page }) => {
    await openBench(page, 'Spring orders');
    const part = page.getByRole('navigation', { name: 'Outline' }).getByRole('button', { name: /^Column headings/ });
    await part.click({ button: 'right' });
    await expect(page.getByText('Read these rows as')).toBeVisible();
    await page.getByRole('menuitem', { name: 'Body' }).click();
    await expect(part).toHaveCount(0);
    await undo(page, /read as body/).click();
    await expect(part).toBeVisible();

    // By the key of the menu as well.
    await part.focus();
    await page.keyboard.press('Shift+F10');
    await expect(page.getByRole('menuitem', { name: 'Body' })).toBeVisible();
    await page.keyboard.press('Escape');
    await expect(part).toBeFocused();

    // A finger that rests on it opens the menu without a press of the other button.
    await page.reload();
    await part.dispatchEvent('pointerdown', { pointerType: 'touch', clientX: 60, clientY: 300 });
    await page.getByRole('menuitem', { name: 'Body' }).click();
    await undo(page, /read as body/).click();
    await expect(part).toBeVisible();
});
