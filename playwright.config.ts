import { defineConfig } from '@playwright/test';
import { existsSync } from 'node:fs';
import { createRequire } from 'node:module';
import { resolve } from 'node:path';
import { chromiumOptions } from './bench/chromium.mjs';

// One page serves test after test, taken back to blank between them: a new one each time costs a fifth of all time. A second
// page is opened beside it by `browser.newPage()`: one of the same window would leave this one behind it, where wheels do nothing.
process.env.PW_TEST_REUSE_CONTEXT ??= '1';
// What the build wrote stays in the browser's cache from test to test, as it does from visit to visit: its names carry a sum of
// what they hold. Playwright clears the cache before each test and offers no choice, so that the page was compiled anew each time.
// Nor does it visit each origin once more, only to clear what pages store there: this application stores nothing but its cookies.
const chromiumServer = resolve('node_modules/playwright-core/lib/server/chromium/crBrowser.js');
if (existsSync(chromiumServer)) {
    const { CRBrowserContext } = createRequire(import.meta.url)(chromiumServer) as { CRBrowserContext: { prototype: object } };
    Object.assign(CRBrowserContext.prototype, { clearCache: () => Promise.resolve(), addVisitedOrigin: () => undefined });
}

// Each step notes where it was asked for, by a stack whose places are looked up in source maps. A place is looked up once: a
// fifth of what the runner itself takes of the processors.
const toldBySourceMaps = Error.prepareStackTrace;
if (toldBySourceMaps) {
    const told = new Map<string, string>();
    const tell = (frame: NodeJS.CallSite): string => {
        // What is built into the engine has no place of its own to be known by.
        const place = frame.getFileName() && `${frame.getFileName()}:${frame.getLineNumber()}:${frame.getColumnNumber()}`;
        const known = place ? told.get(place) : undefined;
        if (known !== undefined) return known;
        const lines = String(toldBySourceMaps(new Error('here'), [frame])).replace(/^Error: here/, '');
        if (place) told.set(place, lines);
        return lines;
    };
    Error.prepareStackTrace = (error, frames) => `${String(error)}${frames.map(tell).join('')}`;
}

// Two halves of the tests may run at once, each with a server and a shelf of its own. They take about as long as each other.
const half = Number(process.env.RILVET_HALF ?? 1);
const halves = [/\/[a-f][^/]*\.spec\.ts$/, /\/[g-z][^/]*\.spec\.ts$/];
const port = Number(process.env.RILVET_BROWSER_PORT ?? 8710 + half);
const storage = resolve(`storage/framework/testing/browser-${half}`);

export default defineConfig({
    testDir: 'tests/Browser',
    testMatch: process.env.RILVET_HALF ? halves[half - 1] : '**/*.spec.ts',
    outputDir: `storage/framework/testing/results-${half}`,
    // Generous: a shared machine may be several times slower than a free one.
    timeout: 240_000,
    expect: { timeout: 40_000 },
    workers: 1,
    retries: process.env.CI ? 1 : 0,
    reporter: [['list'], ['json', { outputFile: `storage/framework/testing/browser-${half}.json` }]],
    use: {
        actionTimeout: 40_000,
        baseURL: `http://127.0.0.1:${port}`,
        viewport: { width: 1280, height: 800 },
        // What moves costs a tenth of the time; specs that are about usual hands have it as a usual browser has.
        contextOptions: { reducedMotion: 'reduce' },
        // A page of a test does not live long enough for machine code that is made while it runs to pay: a fifth of all time. Nor
        // does it pay to collect what is left over beside the page: both processors have enough to do, a twentieth of all time.
        launchOptions: {
            ...chromiumOptions,
            args: [
                ...chromiumOptions.args,
                '--js-flags=--no-turbofan --no-maglev --single-threaded --min-semi-space-size=32',
                '--num-raster-threads=1',
            ],
        },
    },
    webServer: {
        command: `rm -rf ${storage} && mkdir -p ${storage} && bin/start`,
        url: `http://127.0.0.1:${port}/up`,
        timeout: 400_000,
        reuseExistingServer: false,
        gracefulShutdown: { signal: 'SIGTERM', timeout: 5_000 },
        env: { RILVET_PORT: String(port), DB_DATABASE: `${storage}/browser.sqlite`, LARAVEL_STORAGE_PATH: storage },
    },
});
