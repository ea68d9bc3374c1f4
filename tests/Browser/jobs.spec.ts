import { expect, test, type Page } from '@playwright/test';
import { failing, Hands } from './hands';
import { cell, head, openBench, undo } from './sheet';

test.use({ contextOptions: { reducedMotion: 'no-preference' } });

/** The ten jobs of docs/jobs.md, by mouse alone (the keyboard only writes) and by keys alone, with the steps counted. */
interface Job {
    name: string;
    mouse: (hands: Hands, page: Page) => Promise<void>;
    keys: (hands: Hands, page: Page) => Promise<void>;
    /** What is to be seen then. */
    seen: (page: Page) => Promise<void>;
    /** Steps by mouse and by keys, as docs/jobs.md says them: more would be a stumble. */
    steps: [number, number];
}

const ORDERS = `Orders at the ford,,,
Item,Planned,Done,Value
Birch,5,6,7.5
Rowan,1,2,3.25
Aspen,4,4,2
All,10,12,12.75
`;

const outline = (page: Page) => page.getByRole('navigation', { name: 'Outline' });
const tray = (page: Page, name: string) => page.getByRole('region', { name: 'Tray' }).getByRole('button', { name });
const address = (page: Page) => page.getByLabel('Address of the selection');
const at = (page: Page, ranges: string) => expect(address(page)).toHaveValue(ranges);
const grid = (page: Page) => page.getByRole('grid');

/** Walks from the first cell; the grid has the focus. */
async function walk(hands: Hands, page: Page, ...keys: string[]): Promise<void> {
    await grid(page).focus();
    await hands.keys('Control+Home', ...keys);
}

const JOBS: Job[] = [
    {
        name: 'a list',
        mouse: async (hands, page) => {
            const chooser = page.waitForEvent('filechooser');
            await hands.click(page.getByRole('button', { name: 'Bring in files' }));
            await (await chooser).setFiles({ name: 'Ford.csv', mimeType: 'text/csv', buffer: Buffer.from(ORDERS) });
            await hands.click(page.getByRole('button', { name: 'Keep this table' }));
            await hands.click(page.getByRole('button', { name: /^River ledger/ }));
        },
        keys: async (hands, page) => {
            await page.getByRole('link', { name: 'Rilvet' }).focus();
            const chooser = page.waitForEvent('filechooser');
            await hands.keys('Tab');
            await expect(page.getByRole('button', { name: 'Bring in files' })).toBeFocused();
            await hands.keys('Enter');
            await (await chooser).setFiles({ name: 'Ford.csv', mimeType: 'text/csv', buffer: Buffer.from(ORDERS) });
            await expect(page.getByRole('button', { name: 'Keep this table' })).toBeFocused();
            await hands.keys('Enter');
            await expect(cell(page, 'Birch')).toBeVisible();
            await hands.find('dress river');
        },
        seen: async (page) => {
            await expect(page.getByText('wears River ledger')).toBeVisible();
            await expect(cell(page, 'Item')).toHaveCSS('font-weight', '700');
        },
        steps: [3, 6],
    },
    {
        name: 'a report',
        mouse: async (hands, page) => {
            await hands.click(cell(page, 'Orders at the ford'));
            await hands.overwrite(page.getByLabel('Size in points'), '22');
            await hands.click(tray(page, 'Italic'));
        },
        keys: async (hands, page) => {
            await walk(hands, page);
            await hands.find('size of the type', '22');
            await grid(page).focus();
            await hands.keys('Control+i');
        },
        seen: async (page) => {
            // What had to wait for a failing server comes after what was asked for next; the looks say that both are there.
            await expect(undo(page, /(Italic|22 pt), A1/)).toBeVisible();
            await expect(cell(page, 'Orders at the ford')).toHaveCSS('font-style', 'italic');
            const size = () => cell(page, 'Orders at the ford').evaluate((each) => parseFloat(getComputedStyle(each).fontSize));
            await expect.poll(size).toBeCloseTo((22 * 96) / 72, 1);
        },
        steps: [4, 8],
    },
    {
        name: 'three fills of one colour',
        mouse: async (hands, page) => {
            await hands.click(page.getByRole('button', { name: 'Other colours for fill' }));
            await hands.click(page.getByRole('button', { name: 'By eye' }));
            await hands.click(page.locator('.react-colorful__saturation'));
            await hands.click(page.getByRole('button', { name: 'Give it to this sheet' }));
            await hands.click(page.getByRole('button', { name: 'Other colours for fill' }));
        },
        keys: async (hands) => hands.find('colour family', '#5C2B57'),
        // A size that had to wait may come after it; that nothing is lost is counted in the history at the end.
        seen: (page) => expect(undo(page, /^(Colour family of #|22 pt)/)).toBeVisible(),
        steps: [5, 6],
    },
    {
        name: 'copied looks',
        mouse: async (hands, page) => {
            await hands.click(cell(page, 'Orders at the ford'));
            await hands.click(page.getByRole('button', { name: 'Lift the look' }));
            await hands.click(page.getByRole('menuitem', { name: 'Type only' }));
            await expect(page.getByText('Laying the look of A1')).toBeVisible();
            await hands.click(cell(page, 'Rowan'));
            await expect(undo(page, 'Look laid, A4')).toBeVisible();
            await hands.click(page.getByRole('button', { name: /^Laying the look/ }));
        },
        keys: async (hands, page) => {
            await walk(hands, page);
            await hands.find('lift the look');
            await expect(page.getByText('Laying the look of A1')).toBeVisible();
            await grid(page).focus();
            await hands.keys('ArrowDown', 'ArrowDown', 'ArrowDown', 'Enter');
            await expect(undo(page, 'Look laid, A4')).toBeVisible();
            await hands.keys('Escape');
        },
        seen: async (page) => {
            await expect(cell(page, 'Rowan')).toHaveCSS('font-style', 'italic');
            await expect(page.getByText('Laying the look')).toHaveCount(0);
        },
        steps: [5, 9],
    },
    {
        name: 'selections',
        mouse: async (hands, page) => {
            await hands.click(outline(page).getByRole('button', { name: /Column headings/ }));
            await at(page, 'A2:D2');
            await hands.click(outline(page).getByRole('button', { name: /^C Done/ }));
            await at(page, 'C3:C5');
            await hands.click(head(page, 'B'));
            await at(page, 'B:B');
            await hands.click(page.getByRole('button', { name: 'Select the whole sheet' }));
            await hands.click(outline(page).getByRole('button', { name: /^Total/ }));
        },
        keys: async (hands, page) => {
            await walk(hands, page, 'ArrowDown', 'ArrowDown', 'Alt+h');
            await at(page, 'A2:D2');
            await hands.find('select the column done');
            await grid(page).focus();
            await hands.keys('Control+Space');
            await at(page, 'C:C');
            await hands.keys('Control+a', 'Control+a');
            await hands.find('select total');
        },
        seen: (page) => at(page, 'A6:D6'),
        steps: [5, 13],
    },
    {
        name: 'merges and turned headings',
        mouse: async (hands, page) => {
            await hands.drag(cell(page, '4').nth(0), cell(page, '4').nth(1));
            await hands.click(tray(page, 'Merge'));
            await hands.click(page.getByRole('button', { name: /Keep the first/ }));
            await hands.click(page.getByRole('button', { name: 'More ways to fit' }));
            await hands.click(page.getByRole('menuitem', { name: /turn/i }));
        },
        keys: async (hands, page) => {
            await walk(hands, page, 'ArrowDown', 'ArrowDown', 'ArrowDown', 'ArrowDown', 'ArrowRight', 'Shift+ArrowRight');
            await hands.find('merge keeping');
            await expect(undo(page, /^Merged/)).toBeVisible();
            await hands.find('turn the headings');
        },
        seen: async (page) => {
            await expect(undo(page, /(eadings|Merged)/)).toBeVisible();
            await expect(cell(page, 'Planned').locator('span')).toHaveCSS('writing-mode', 'vertical-rl');
        },
        steps: [5, 13],
    },
    {
        name: 'numbers and typed dates',
        mouse: async (hands, page) => {
            await hands.click(outline(page).getByRole('button', { name: /^D Value/ }));
            await hands.click(page.getByRole('button', { name: /^Number format/ }));
            await hands.click(
                page
                    .getByRole('group', { name: 'Reads as' })
                    .getByRole('button', { name: /^Money|^Amount/ })
                    .first(),
            );
            // Pressing elsewhere, "Try again" perhaps, has put the menu away already.
            const done = page.getByRole('button', { name: 'Done', exact: true });
            if (await done.isVisible()) await hands.click(done);
            await hands.twiceAt(head(page, 'E'), page.getByRole('rowheader', { name: '3', exact: true }));
            await expect(page.getByLabel('Content of the cell, row 3')).toBeFocused();
            await hands.write('14 March 2026\n');
        },
        keys: async (hands, page) => {
            await hands.find('select the column value');
            await hands.find('number two places');
            await walk(hands, page, 'ArrowDown', 'ArrowDown', 'ArrowRight', 'ArrowRight', 'ArrowRight', 'ArrowRight');
            await hands.write('14 March 2026');
            await hands.keys('Enter');
        },
        seen: async (page) => {
            await expect(page.getByText('was read as')).toBeVisible();
            await expect(page.getByRole('gridcell').filter({ hasText: /^£?3\.25$/ })).toBeVisible();
        },
        steps: [6, 15],
    },
    {
        name: 'widths',
        mouse: async (hands, page) => {
            await hands.pull(page.locator('[data-edge="2"]').first(), 40);
            await expect(undo(page, /^Width/)).toBeVisible();
            await hands.twice(page.locator('[data-edge="3"]').first());
        },
        keys: async (hands, page) => {
            await walk(hands, page, 'ArrowRight');
            await hands.find('width of the chosen', '110 px');
            await expect(undo(page, /^Width/)).toBeVisible();
            await walk(hands, page, 'ArrowRight', 'ArrowRight');
            await hands.find('fit the chosen columns');
        },
        seen: (page) => expect(undo(page, /itted/)).toBeVisible(),
        steps: [2, 14],
    },
];

for (const way of ['mouse', 'keys'] as const)
    test(`the jobs of one workbook, by ${way} alone${way === 'mouse' ? ', with the server failing one request in five' : ''}`, async ({
        page,
    }) => {
        test.setTimeout(400_000);
        await page.goto('/');
        await expect(page.getByRole('article').first()).toBeVisible();
        const failed = way === 'mouse' ? await failing(page) : () => 1;
        for (const job of JOBS) {
            const hands = new Hands(page);
            await test.step(job.name, async () => {
                await job[way](hands, page);
                await job.seen(page);
            });
            if (process.env.RILVET_STEPS) console.log(way, job.name, hands.steps);
            expect(hands.steps, job.name).toBeLessThanOrEqual(job.steps[way === 'mouse' ? 0 : 1]);
        }
        expect(failed()).toBeGreaterThan(0);
        // Nothing was lost and nothing done twice: as many steps are in the history as were made.
        await page.getByRole('button', { name: 'History' }).click();
        await expect(page.getByText('History, newest first')).toBeVisible();
        const list = page.getByLabel('History', { exact: true }).getByRole('listitem');
        await expect(list.last()).toHaveText('As it came');
        await expect(list).toHaveCount(12);
        const words = (await list.allTextContents()).map((text) => text.replace(/\d+ (second|minute)s? ago$/, ''));
        expect(new Set(words).size).toBe(words.length);
    });

for (const way of ['mouse', 'keys'] as const)
    test(`three sheets in one go, by ${way} alone`, async ({ page }) => {
        await openBench(page, 'Nursery year');
        const hands = new Hands(page);
        if (way === 'mouse') {
            await hands.click(page.getByRole('button', { name: 'wears River ledger' }));
            await hands.click(page.getByRole('radio', { name: 'Chosen sheets' }));
            for (const name of ['Stock', 'Orders', 'Budget']) await hands.click(page.getByRole('checkbox', { name }));
            await hands.click(page.getByRole('button', { name: /^Plain rule/ }));
        } else {
            await hands.find('orders acts together');
            await hands.find('budget acts together');
            await hands.find('dress this sheet in plain');
        }
        await expect(undo(page, 'Dressed in Plain rule, 3 sheets')).toBeVisible();
        expect(hands.steps).toBeLessThanOrEqual(way === 'mouse' ? 6 : 9);
        await outline(page).getByRole('button', { name: 'Budget', exact: true }).click();
        await expect(page.getByText('wears Plain rule')).toBeVisible();
        await outline(page).getByRole('button', { name: 'Germination lab', exact: true }).click();
        await expect(page.getByText('wears River ledger')).toBeVisible();
        // One step back for all three.
        await page.keyboard.press('Control+z');
        await outline(page).getByRole('button', { name: 'Stock', exact: true }).click();
        await expect(page.getByText('wears River ledger')).toBeVisible();
    });

for (const way of ['mouse', 'keys'] as const)
    test(`100,000 rows, by ${way} alone${way === 'mouse' ? ', with the server failing one request in five' : ''}`, async ({
        page,
    }, info) => {
        const called = `Lots ${way} ${info.repeatEachIndex}${info.retry}`;
        const rows = Array.from(
            { length: 100_000 },
            (_, row) => `Lot ${row},${row % 97},${(row % 1_000) / 4},2026-03-${(row % 28) + 1}`,
        );
        const file = {
            name: `${called}.csv`,
            mimeType: 'text/csv',
            buffer: Buffer.from(`Lot,Count,Worth,Sown\n${rows.join('\n')}\n`),
        };
        await page.goto('/');
        await expect(page.getByRole('article').first()).toBeVisible();
        if (way === 'mouse') await failing(page);
        const hands = new Hands(page);
        const chooser = page.waitForEvent('filechooser');
        if (way === 'mouse') await hands.click(page.getByRole('button', { name: 'Bring in files' }));
        else {
            await page.getByRole('button', { name: 'Bring in files' }).focus();
            await hands.keys('Enter');
        }
        await (await chooser).setFiles(file);
        const keep = page.getByRole('button', { name: 'Keep this table' });
        await expect(keep).toBeFocused();
        if (way === 'mouse') await hands.click(keep);
        else await hands.keys('Enter');
        // What takes longer comes in while other things can be done.
        const card = page.getByRole('link', { name: new RegExp(called) });
        await expect(card).toBeVisible();
        if (way === 'mouse') await hands.click(card);
        else {
            await card.focus();
            await hands.keys('Enter');
        }
        await expect(cell(page, 'Lot 3')).toBeVisible();
        if (way === 'mouse') {
            await hands.click(page.getByRole('button', { name: /^Long list/ }));
            await expect(page.getByText('wears Long list')).toBeVisible();
            await hands.click(outline(page).getByRole('button', { name: /^C Worth/ }));
            await hands.click(tray(page, 'Bold'));
            await expect(undo(page, /^Bold/)).toBeVisible();
            await hands.click(outline(page).getByRole('button', { name: /^Body/ }));
            const bar = await grid(page).boundingBox();
            hands.steps++;
            await page.mouse.move((bar?.x ?? 0) + 300, (bar?.y ?? 0) + 200);
            await page.mouse.wheel(0, 1_599_500);
        } else {
            await hands.find('dress this sheet in long');
            await expect(page.getByText('wears Long list')).toBeVisible();
            await hands.find('select the column worth');
            await grid(page).focus();
            await hands.keys('Control+b');
            await expect(undo(page, /^Bold/)).toBeVisible();
            await hands.keys('Control+End');
        }
        await expect(cell(page, 'Lot 99999')).toBeVisible();
        await expect(cell(page, '249.75').last()).toHaveCSS('font-weight', '700');
        expect(hands.steps).toBeLessThanOrEqual(way === 'mouse' ? 8 : 11);
    });
