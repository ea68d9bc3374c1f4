import { expect, type Page } from '@playwright/test';
import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import type axeCore from 'axe-core';

declare const axe: typeof axeCore;

const source = readFileSync(createRequire(import.meta.url).resolve('axe-core/axe.min.js'), 'utf8');

/** What was looked through and found good, each with the window that it stood in: as long as it says the same, it is good. */
const good = new Set<string>();

/** axe finds nothing serious, on the whole page or within a part of it. */
export async function accessible(page: Page, within?: string): Promise<void> {
    if (!(await page.evaluate(() => 'axe' in window))) await page.evaluate(source);
    const { serious, seen } = await page.evaluate(look, { within, known: [...good] });
    expect(serious).toEqual([]);
    for (const each of seen) good.add(each);
}

/** Runs in the page: what is serious in all that is not known, and what was seen of it. */
async function look({ within, known }: { within?: string; known: string[] }): Promise<{ serious: string[]; seen: string[] }> {
    const knows = new Set(known);
    const seen: string[] = [];
    // Brackets are as tall as their rows; the outline and Ctrl+K do the same (WCAG 2.2, 2.5.8, equivalent).
    const left: Element[] = [...document.querySelectorAll('.sheet, [data-part]')];
    const window = `${innerWidth} ${innerHeight} ${matchMedia('(forced-colors: active)').matches}`;
    // What is not seen, or hidden from readers behind a dialog, was not looked through for all that it is known.
    const seeing = (part: Element) =>
        `${part.checkVisibility({ visibilityProperty: true, opacityProperty: true })} ${part.closest('[aria-hidden=true]') === null}`;
    // The numbers of a visit are not part of what something says.
    const saying = (part: Element, around: string) =>
        `${window} ${seeing(part)} ${around} ${part.outerHTML.replace(/radix-[^"\s]*|_r_\w+/g, '')}`;
    const hash = (text: string) => {
        let [one, other] = [1, 7];
        for (let at = 0; at < text.length; at++) {
            one = (Math.imul(one, 31) + text.charCodeAt(at)) | 0;
            other = (Math.imul(other, 131) + text.charCodeAt(at)) | 0;
        }
        return `${text.length}.${one}.${other}`;
    };
    // What is around a part says which colours it stands on.
    const walk = (element: Element, around: string): void => {
        const here = `${around} ${element.className}`;
        for (const part of element.children) {
            if (part.matches('.sheet, [data-part]')) continue;
            if (part.matches('header, footer, nav, section, li, form, fieldset, [role]')) {
                const name = hash(saying(part, here));
                if (knows.has(name)) {
                    left.push(part);
                    continue;
                }
                seen.push(name);
            }
            walk(part, here);
        }
    };
    // What is behind a dialog is hidden from readers and lies under its shade: it is looked at where no dialog stands.
    const isBehind = document.querySelector('.dialog-shade') !== null;
    const front = isBehind ? [...document.querySelectorAll('body > :not(#app, script, [aria-hidden=true])')] : [document.body];
    const places = within ? [...document.querySelectorAll(within)] : front;
    for (const place of places) walk(place, '');
    const { violations } = await axe.run(
        { include: within || isBehind ? places : [document.documentElement], exclude: left },
        // What passes is not told apart, and the styles are not read beside: that takes longer than the looking itself.
        { resultTypes: ['violations'], preload: false, runOnly: ['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa'] },
    );
    return {
        serious: violations
            .filter(({ impact }) => impact === 'serious' || impact === 'critical')
            .map(({ id, nodes }) => `${id}: ${nodes.map(({ html }) => html.slice(0, 160)).join(' | ')}`),
        seen,
    };
}
