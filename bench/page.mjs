// What a press costs the page, in ms of its main thread, medians of three runs of ten: node bench/page.mjs [address of a server]
// A demo workbook is looked at, so a server of its own (RILVET_PORT, DB_DATABASE) keeps that of others as it is.
import { chromium } from '@playwright/test';
import { chromiumOptions } from './chromium.mjs';

const base = process.argv[2] ?? 'http://127.0.0.1:8700';
const TIMES = 10;
/** ms after which all that a press led to is through. */
const REST = 250;

const browser = await chromium.launch(chromiumOptions);
const context = await browser.newContext({ viewport: { width: 1280, height: 800 }, reducedMotion: 'reduce' });
const page = await context.newPage();
const { workbooks } = await (await page.request.get(`${base}/api/shelf`)).json();
const workbook = workbooks.find(({ name }) => name.includes('Nursery year'));
const rest = () => page.waitForTimeout(REST);
const open = async () => {
    await page.goto('about:blank');
    await page.goto(`${base}/workbooks/${workbook.id}`);
    await page.getByRole('gridcell').first().waitFor();
};
await open();
await rest();

const session = await context.newCDPSession(page);
await session.send('Performance.enable', { timeDomain: 'threadTicks' });
const spent = async () => {
    const { metrics } = await session.send('Performance.getMetrics');
    return metrics.find(({ name }) => name === 'TaskDuration').value * 1000;
};
const measured = async (what, press) => {
    const runs = [];
    for (let run = 0; run < 3; run++) {
        const before = await spent();
        for (let time = 0; time < TIMES; time++) await press(time);
        runs.push(((await spent()) - before) / TIMES);
    }
    runs.sort((one, other) => one - other);
    console.log(`${what}: ${runs[1].toFixed(0)} ms (${runs.map((ms) => ms.toFixed(0)).join(', ')})`);
};
await page.getByRole('grid').focus();
await measured('an arrow key', async (time) => {
    await page.keyboard.press(time % 2 ? 'ArrowUp' : 'ArrowDown');
    await rest();
});
await measured('bold', async () => {
    await page.keyboard.press('Control+b');
    await rest();
});
await measured('a dialog opened, typed into and closed', async () => {
    await page.keyboard.press('Control+k');
    await rest();
    await page.keyboard.type('sort');
    await rest();
    await page.keyboard.press('Escape');
    await rest();
});
await measured('the Bench opened', async () => {
    await open();
    await rest();
});
await browser.close();
