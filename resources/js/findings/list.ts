import type { FindingRecord } from '@/api/types';
import type { Rect } from '@/api/client';
import { parse } from '@/grid/address';

export const SEVERITIES: string[][] = [
    ['note', 'From notes up'],
    ['worth a look', 'From “worth a look” up'],
    ['wrong', 'Only what is wrong'],
];

export interface Filter {
    sheet: number;
    severity: string;
    show: string;
    /** Blank for all. */
    subject: string;
}

const WEIGHT: Record<string, number> = { note: 0, 'worth a look': 1, wrong: 2 };

/** What a filter lets through. */
export function filtered(findings: FindingRecord[], { sheet, severity, show, subject }: Filter): FindingRecord[] {
    return findings.filter(
        (one) =>
            (sheet === 0 || one.number === sheet) &&
            (subject === '' || one.subject === subject) &&
            (WEIGHT[one.severity] ?? 0) >= (WEIGHT[severity] ?? 0) &&
            (show === 'left' ? one.left !== null : one.left === null) &&
            (show !== 'mendable' || one.mend !== null),
    );
}

/** Findings by their subject, each group where its worst stands. */
export function grouped(findings: FindingRecord[]): [string, FindingRecord[]][] {
    const groups = new Map<string, FindingRecord[]>();
    for (const one of findings) groups.set(one.subject, [...(groups.get(one.subject) ?? []), one]);
    return [...groups];
}

/** The cells of a finding, as far as they are named. */
export function places(finding: FindingRecord): Rect[] {
    return finding.range
        .split(',')
        .map((text) => parse(text.trim()))
        .filter((range) => range !== null);
}

/** The first of its cells, for a line. */
export function shortly(finding: FindingRecord): string {
    const [first = '', ...more] = finding.range.split(', ');
    return `${finding.sheet}${first === '' ? '' : `, ${first}`}${more.length > 0 ? ` and ${more.length} more` : ''}`;
}
