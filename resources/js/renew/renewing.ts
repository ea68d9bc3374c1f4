import { create } from 'zustand';
import type { TableRecord } from '@/api/types';

/** The table that newer data is for, and a file that was dropped for it. */
export const useRenewing = create<{ table: TableRecord | null; file: File | null }>(() => ({ table: null, file: null }));

export const renew = (table: TableRecord, file: File | null = null) => useRenewing.setState({ table, file });

/** What a person has decided about newer data; the rest is decided by what it shows. */
export interface Decided {
    key: string[] | null;
    pairs: [number, number][];
    without: number[];
    keepGone: boolean;
    keepChanged: boolean;
    below: boolean;
}

export const UNDECIDED: Decided = { key: null, pairs: [], without: [], keepGone: false, keepChanged: false, below: false };
