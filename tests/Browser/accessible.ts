import { expect, type Page } from '@playwright/test';
import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import type axeCore from 'axe-core';

interface Told {
    data: (told: { contrastRatio?: number; messageKey?: string | null }) => void;
}

/** Whether it is as it should be; nothing where that cannot be told. */
interface Check {
    evaluate: (this: Told, node: Element, ...more: unknown[]) => boolean | undefined;
}

declare const axe: typeof axeCore & { _audit: { checks: Record<'color-contrast', Check> } };

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
    const cells = [...document.querySelectorAll('.sheet, [data-part]')];
    const left = [...cells];
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

    // The ground that something stands on, down to the first that nothing shines through, and how faint all of it is.
    const grounds = new Map<Element | null, { says: string; opacity: number }>([[null, { says: '', opacity: 1 }]]);
    const ground = (element: Element | null): { says: string; opacity: number } => {
        let known = grounds.get(element);
        if (!known && element) {
            const { backgroundColor, backgroundImage, opacity } = getComputedStyle(element);
            const under = ground(element.parentElement);
            known = {
                says: `${element.className} ${backgroundColor} ${backgroundImage} ${/^rgb\(/.test(backgroundColor) ? '' : under.says}`,
                opacity: Number(opacity) * under.opacity,
            };
            grounds.set(element, known);
        }
        return known ?? { says: '', opacity: 1 };
    };
    // What can be read in its ink and size on its ground can be read wherever it stands so: that is measured once. To measure it
    // for each text was half of the time of a look.
    const contrast = axe._audit.checks['color-contrast'];
    const { evaluate } = contrast;
    contrast.evaluate = function (node, ...more) {
        const { color, fontSize, fontWeight, textShadow } = getComputedStyle(node);
        const { says, opacity } = ground(node);
        const name = hash(`${window} ${color} ${fontSize} ${fontWeight} ${textShadow} ${opacity} ${says}`);
        if (knows.has(name)) return true;
        let isMeasured = false;
        const data: Told['data'] = (told) => {
            isMeasured = typeof told.contrastRatio === 'number' && !told.messageKey;
            this.data(told);
        };
        const isGood = evaluate.call({ ...this, data }, node, ...more);
        if (isGood && isMeasured) {
            knows.add(name);
            seen.push(name);
        }
        return isGood;
    };
    // Nor is a picture made of what nothing of it is asked of: of cells, and of the page behind what stands before it.
    const app = document.querySelector('#app');
    const bare = app && !places.some((place) => place.contains(app) || app.contains(place)) ? [app] : cells;
    for (const each of bare) Object.defineProperty(each, 'childNodes', { value: [], configurable: true });
    document.createTreeWalker = (root, what) =>
        Document.prototype.createTreeWalker.call(document, root, what, (node) =>
            bare.includes(node as Element) ? NodeFilter.FILTER_REJECT : NodeFilter.FILTER_ACCEPT,
        );
    try {
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
    } finally {
        contrast.evaluate = evaluate;
        for (const each of bare) Reflect.deleteProperty(each, 'childNodes');
        Reflect.deleteProperty(document, 'createTreeWalker');
    }
}
