import { readdirSync, readFileSync } from 'node:fs';
import { dirname, join, normalize, relative } from 'node:path';
import { expect, it } from 'vitest';

const ROOT = join(process.cwd(), 'resources/js');

/** Each folder uses only those that stand before it. */
const FOLDERS = [
    'api',
    'parts',
    'grid',
    'work',
    'tray',
    'conditions',
    'guard',
    'findings',
    'side',
    'paper',
    'renew',
    'summary',
    'routine',
    'batch',
    'bench',
    'book',
    'shelf',
];

const files = readdirSync(ROOT, { recursive: true, encoding: 'utf8' })
    .filter((name) => /\.tsx?$/.test(name) && !/\.(test|d)\.ts$/.test(name))
    .sort();

/** What a file imports of the others, by their names without endings. */
function imports(name: string): string[] {
    const text = readFileSync(join(ROOT, name), 'utf8');
    return [...text.matchAll(/from '(@\/|\.\.?\/)([^']+)'/g)].map(([, way = '', path = '']) =>
        way === '@/' ? path : relative(ROOT, normalize(join(ROOT, dirname(name), way, path))),
    );
}

it.each(files.filter((name) => name.includes('/')))('%s uses no folder that stands after its own', (name) => {
    const own = FOLDERS.indexOf(name.split('/')[0] ?? '');
    expect(own, 'every folder is named').toBeGreaterThanOrEqual(0);
    const later = imports(name).filter((used) => FOLDERS.indexOf(used.split('/')[0] ?? '') > own);
    expect(later).toEqual([]);
});

it('no file leads back to itself', () => {
    const uses = new Map(files.map((name) => [name.replace(/\.tsx?$/, ''), imports(name)]));
    const done = new Set<string>();
    const circles: string[][] = [];
    const walk = (name: string, way: string[]): void => {
        if (way.includes(name)) circles.push([...way.slice(way.indexOf(name)), name]);
        if (way.includes(name) || done.has(name)) return;
        for (const used of uses.get(name) ?? []) walk(used, [...way, name]);
        done.add(name);
    };
    for (const name of uses.keys()) walk(name, []);
    expect(circles).toEqual([]);
});

it('no line is longer than 140 characters, but in what is generated', () => {
    const long = files
        .filter((name) => name !== 'api/types.ts')
        .flatMap((name) =>
            readFileSync(join(ROOT, name), 'utf8')
                .split('\n')
                .flatMap((line, at) => (line.length > 140 ? [`${name}:${at + 1}`] : [])),
        );
    expect(long).toEqual([]);
});
