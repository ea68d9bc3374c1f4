// Frames while a dressed sheet of 100,000 rows by 20 columns is scrolled, against a running server: node bench/scroll.mjs
import { chromium } from '@playwright/test';
import { chromiumOptions } from './chromium.mjs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

const browser = await chromium.launch({ ...chromiumOptions, args: [...chromiumOptions.args, '--enable-precise-memory-info'] });
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
await page.goto('http://127.0.0.1:8700/');
const card = page.getByRole('link', { name: /rilvet-bench/ }).first();
await page.getByRole('link', { name: /sheet/ }).first().waitFor();
if (!(await card.isVisible())) {
    await page.getByLabel('Files to bring in').setInputFiles(join(tmpdir(), 'rilvet-bench.csv'));
    await page.getByRole('button', { name: 'Keep this table' }).click();
}
await card.click({ timeout: 60_000 });
await page.getByRole('gridcell').first().waitFor();
if (await page.getByText('wears no stylebook').isVisible()) {
    await page.getByRole('button', { name: 'River ledger', exact: false }).click();
    await page.getByText('wears River ledger').waitFor();
}
const grid = page.getByRole('grid');
await grid.hover();

const frames = async (what, scroll) => {
    await page.evaluate(() => {
        window.frames_ = [];
        let last = performance.now();
        const tick = (now) => {
            window.frames_.push(now - last);
            last = now;
            window.ticking = requestAnimationFrame(tick);
        };
        window.ticking = requestAnimationFrame(tick);
    });
    await scroll();
    const found = await page.evaluate(() => {
        cancelAnimationFrame(window.ticking);
        return { frames: window.frames_.slice(2), memory: performance.memory.usedJSHeapSize };
    });
    const sorted = found.frames.sort((a, b) => a - b);
    const at = (share) => sorted[Math.floor(share * (sorted.length - 1))].toFixed(1);
    console.log(
        `${what}: ${sorted.length} frames, median ${at(0.5)} ms, 95th ${at(0.95)} ms, greatest ${at(1)} ms, ` +
            `over 33 ms: ${sorted.filter((ms) => ms > 33.4).length}, heap ${(found.memory / 1048576).toFixed(0)} MB`,
    );
};
const byWheel = async () => {
    for (let step = 0; step < 120; step++) {
        await page.mouse.wheel(0, 180);
        await page.waitForTimeout(16);
    }
};
await frames('by wheel', byWheel);
await frames('by the bar, through the whole sheet', async () => {
    await grid.evaluate(async (box) => {
        for (let step = 0; step <= 120; step++) {
            box.scrollTop = (box.scrollHeight * step) / 120;
            await new Promise(requestAnimationFrame);
        }
    });
});
// The floor: the same wheel over a static table that the browser holds whole, of as many rows as pass by.
const rows = Array.from({ length: 1200 }, (_, row) => {
    const style = `width:80px;height:22px;font:14px sans-serif;background:${row % 2 ? '#fff' : '#f2eef6'}`;
    return `<tr>${`<td style="${style}">${row}</td>`.repeat(13)}</tr>`;
});
await page.setContent(`<div id="floor" style="height:700px;width:1240px;overflow:auto"><table>${rows.join('')}</table></div>`);
await page.locator('#floor').hover();
await page.waitForTimeout(1_000);
await frames('the floor, a static table by wheel', byWheel);
await browser.close();
