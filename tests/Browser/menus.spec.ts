import { expect, test, type Locator, type Page } from '@playwright/test';
import { accessible } from './accessible';
import { openBench, select } from './sheet';

/** Every menu and dialog of the Bench: how it is opened, and what opens. */
const OPENED: [string, (page: Page) => Promise<void>, (page: Page) => Locator][] = [
    [
        'history',
        (page) => page.getByRole('button', { name: 'History' }).click(),
        (page) => page.getByRole('dialog', { name: 'History' }),
    ],
    [
        'find an action',
        (page) => page.keyboard.press('Control+k'),
        (page) => page.getByRole('dialog', { name: 'Find an action' }),
    ],
    ['hand over', (page) => page.keyboard.press('Control+s'), (page) => page.getByRole('dialog', { name: /Hand over/ })],
    [
        'the list of keys',
        async (page) => {
            await page.getByRole('button', { name: 'History' }).focus();
            await page.keyboard.press('?');
        },
        (page) => page.getByRole('dialog', { name: 'Keys' }),
    ],
    [
        'a name that is asked for',
        async (page) => {
            await page.keyboard.press('Control+k');
            await page.keyboard.type('rename the workbook');
            await page.keyboard.press('Enter');
        },
        (page) => page.getByRole('dialog', { name: 'Rename the workbook' }),
    ],
    [
        'sorting by several columns',
        async (page) => {
            await page.keyboard.press('Control+k');
            await page.keyboard.type('sort several');
            await page.keyboard.press('Enter');
        },
        (page) => page.getByRole('dialog', { name: /Sort/ }),
    ],
    [
        'the menu of the cells',
        async (page) => {
            await page.getByRole('grid').focus();
            await page.keyboard.press('Shift+F10');
        },
        (page) => page.getByRole('menu', { name: 'The chosen cells' }),
    ],
];

/** What stands in the tray; in a narrow window it is opened first. */
const IN_TRAY: [string, RegExp, (page: Page) => Locator][] = [
    ['Named looks', /^Named looks/, (page) => page.getByRole('menu')],
    ['Lift the look', /^Lift the look/, (page) => page.getByRole('menu')],
    ['layers', /^Layers of this cell/, (page) => page.getByRole('dialog', { name: 'Layers of this cell' })],
    ['fonts', /^Font:/, (page) => page.getByRole('dialog', { name: 'Fonts' })],
    ['number formats', /^Number format:/, (page) => page.getByRole('dialog', { name: 'Number formats' })],
    ['turn', /^Turn the text/, (page) => page.getByRole('menu')],
    ['long text', /^Long text/, (page) => page.getByRole('menu')],
    ['fill', /^Other colours for fill/, (page) => page.getByRole('dialog', { name: /fill/i })],
    ['fit', /^More ways to fit/, (page) => page.getByRole('menu')],
];

async function whole(page: Page, opened: Locator): Promise<void> {
    await expect(opened).toBeVisible();
    await expect(opened).toBeInViewport({ ratio: 0.99 });
    await opened.evaluate((each) => each.setAttribute('data-checked', ''));
    await accessible(page, '[data-checked]');
    for (let press = 0; press < 3 && (await opened.isVisible()); press++) {
        await page.keyboard.press('Escape');
        await opened.waitFor({ state: 'hidden', timeout: 1_500 }).catch(() => null);
    }
    await expect(opened).toBeHidden();
}

for (const [width, height] of [
    [1280, 800],
    [640, 400],
] as const)
    test(`every menu and dialog stands whole on the screen and axe finds nothing serious, at ${width} by ${height}`, async ({
        page,
    }) => {
        await page.setViewportSize({ width, height });
        await openBench(page, 'Nursery year');
        await select(page, 'F7');
        for (const [name, open, opened] of OPENED) {
            await test.step(name, async () => {
                await open(page);
                await whole(page, opened(page));
            });
        }
        const isNarrow = width < 820;
        if (isNarrow) await page.getByRole('button', { name: 'Format', exact: true }).click();
        for (const [name, trigger, opened] of IN_TRAY) {
            await test.step(name, async () => {
                const button = page.getByRole('button', { name: trigger });
                // What is folded away is opened by its facet.
                if (isNarrow && !(await button.isVisible())) return;
                await button.click();
                await whole(page, opened(page));
            });
        }
    });
