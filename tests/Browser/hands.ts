import { expect, type Locator, type Page } from '@playwright/test';

/** A person's hands: what is done is counted, a press, a drag, a key or a text written as one step each. */
export class Hands {
    steps = 0;

    constructor(readonly page: Page) {}

    async click(what: Locator): Promise<void> {
        this.steps++;
        await what.click();
    }

    async twice(what: Locator): Promise<void> {
        this.steps++;
        await what.dblclick();
    }

    /** Presses twice where a column and a row meet: a blank cell is nothing to press by its text. */
    async twiceAt(column: Locator, row: Locator): Promise<void> {
        this.steps++;
        const [across, down] = [await column.boundingBox(), await row.boundingBox()];
        if (!across || !down) throw new Error('It is not on the screen.');
        await this.page.mouse.dblclick(across.x + across.width / 2, down.y + down.height / 2);
    }

    async drag(from: Locator, to: Locator): Promise<void> {
        this.steps++;
        const middle = async (of: Locator) => {
            const box = await of.boundingBox();
            if (!box) throw new Error('It is not on the screen.');
            return [box.x + box.width / 2, box.y + box.height / 2] as const;
        };
        await this.page.mouse.move(...(await middle(from)));
        await this.page.mouse.down();
        await this.page.mouse.move(...(await middle(to)), { steps: 5 });
        await this.page.mouse.up();
    }

    async pull(handle: Locator, by: number): Promise<void> {
        this.steps++;
        const box = await handle.boundingBox();
        if (!box) throw new Error('It is not on the screen.');
        await this.page.mouse.move(box.x + 3, box.y + 5);
        await this.page.mouse.down();
        await this.page.mouse.move(box.x + 3 + by, box.y + 5, { steps: 5 });
        await this.page.mouse.up();
    }

    async keys(...keys: string[]): Promise<void> {
        for (const key of keys) {
            this.steps++;
            await this.page.keyboard.press(key);
        }
    }

    async write(text: string): Promise<void> {
        this.steps++;
        await this.page.keyboard.type(text);
    }

    /** Presses into a field and writes over what stands there: what comes in late may have put another into its place meanwhile. */
    async overwrite(field: Locator, text: string): Promise<void> {
        this.steps += 2;
        await expect(async () => {
            await field.click({ clickCount: 3, timeout: 2_000 });
            await this.page.keyboard.type(text);
            await expect(field).toHaveValue(text, { timeout: 500 });
        }).toPass();
    }

    /** By keys alone: an action by its name, with a value where it wants one. */
    async find(words: string, value?: string): Promise<void> {
        await this.keys('Control+k');
        await expect(this.page.getByRole('combobox', { name: 'Find an action' })).toBeFocused();
        await this.write(words);
        await this.keys('Enter');
        if (value === undefined) return;
        const field = this.page.getByRole('dialog').getByRole('textbox');
        await expect(field).toBeFocused();
        await this.keys('Control+a');
        await this.write(value);
        await this.keys('Enter');
        await expect(this.page.getByRole('dialog')).toHaveCount(0);
    }
}

/** Has the server fail one request in five, in the ways that servers do; a person presses "Try again" where it is offered. */
export async function failing(page: Page): Promise<() => number> {
    let asked = Number(process.env.RILVET_OFFSET ?? 0);
    let failed = 0;
    await page.route('**/api/**', async (route) => {
        if (++asked % 5 !== 0) return route.continue();
        failed++;
        const isAct = /\/(acts|undo|redo|point)$/.test(new URL(route.request().url()).pathname);
        // An answer that gets lost after the work was done is the hardest of them.
        if (isAct && failed % 3 === 0) {
            await route.fetch();
            return route.abort('connectionreset');
        }
        return failed % 3 === 1 || !isAct
            ? route.fulfill({ status: 503, json: { message: 'Busy.' } })
            : route.fulfill({ status: 500, json: { message: 'The server failed at this.' } });
    });
    await page.evaluate(() => {
        setInterval(() => {
            const buttons = [...document.querySelectorAll('button')];
            buttons.find((button) => button.textContent?.trim() === 'Try again')?.click();
        }, 400);
    });
    return () => failed;
}
