import { expect, type Page } from '@playwright/test';
import Library from 'exceljs';
import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { cell } from './sheet';

const folder = mkdtempSync(join(tmpdir(), 'books-'));
const TREES = ['Rowan', 'Aspen', 'Hazel', 'Osier', 'Elder', 'Maple', 'Lime', 'Yew'];

/** A workbook of sheets with a list each, in looks of their own. */
export async function book(
    name: string,
    looks: { fill?: string; ink?: string; stripe?: string; font?: string; size?: number }[],
) {
    const workbook = new Library.Workbook();
    looks.forEach(({ fill, ink, stripe, font, size }, at) => {
        const sheet = workbook.addWorksheet(`Beds ${at + 1}`);
        sheet.addRow(['Tree', 'Bags', 'Worth']);
        TREES.forEach((tree, row) => sheet.addRow([tree, row * 3 + at + 2, row * 1.5 + 0.25]));
        sheet.eachRow((row, number) =>
            row.eachCell((one) => {
                const heads = number === 1;
                if (font || heads)
                    one.font = {
                        name: font ?? 'Carlito',
                        size: size ?? 11,
                        bold: heads,
                        color: { argb: `FF${heads ? (ink ?? '000000') : '222222'}` },
                    };
                const paper = heads ? fill : number % 2 === 1 ? stripe : undefined;
                if (paper) one.fill = { type: 'pattern', pattern: 'solid', fgColor: { argb: `FF${paper}` } };
            }),
        );
    });
    const path = join(folder, `${name}.xlsx`);
    await workbook.xlsx.writeFile(path);
    return path;
}

/** To the shelf by the mark, as from anywhere in the application; by its address where nothing is open yet. */
async function toShelf(page: Page) {
    if (page.url().startsWith('http')) await page.getByRole('link', { name: 'Rilvet', exact: true }).click();
    else await page.goto('/');
}

/** What is seen behind and of a text on the sheet in view. */
export async function seen(page: Page, text: string): Promise<{ fill: string; style: string; ink: string }> {
    return cell(page, text)
        .first()
        .evaluate((each) => {
            const box = each.getBoundingClientRect();
            const fills = [...document.querySelectorAll<HTMLElement>('.sheet [style*="background"]')].filter((fill) => {
                const at = fill.getBoundingClientRect();
                return (
                    at.left <= box.left + 1 && at.right >= box.right - 1 && at.top <= box.top + 1 && at.bottom >= box.bottom - 1
                );
            });
            const style = getComputedStyle(each);
            return {
                fill: fills.map((fill) => getComputedStyle(fill).backgroundColor).at(-1) ?? 'none',
                style: style.fontStyle,
                ink: style.color,
            };
        });
}

export const open = async (page: Page, name: string) => {
    await toShelf(page);
    await page
        .getByRole('link', { name: new RegExp(`^${name}`) })
        .first()
        .click();
    await expect(cell(page, 'Rowan').first()).toBeVisible();
};

export const openBook = async (page: Page, name: string) => {
    await toShelf(page);
    await page.getByRole('link', { name, exact: true }).click();
    await expect(page.getByRole('navigation', { name: 'Rules' })).toBeVisible();
};

export const tray = (page: Page) => page.getByRole('region', { name: 'Tray' });

export const keep = async (page: Page, version: number) => {
    await page.getByRole('button', { name: `Keep as version ${version}` }).click();
    await expect(page.getByText(`Version ${version} is kept.`)).toBeVisible();
    await expect(page.getByText('All is kept')).toBeVisible();
};
