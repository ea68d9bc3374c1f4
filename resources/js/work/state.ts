import { create } from 'zustand';
import type { Rect } from '@/api/client';
import type { ActArguments, Lifted, LookValues, RevisionArguments } from '@/api/types';
import { write } from '@/grid/address';

/** Where a facet act goes: the chosen cells, their part on this sheet, their part wherever the stylebook is worn. */
export type Scope = 'cells' | 'here' | 'everywhere';

/** A block of looks that is laid on every cell that is pressed, until Escape; column widths only where asked for. */
export interface Laying {
    from: string;
    block: LookValues[][];
    widths: number[];
    /** Conditional looks that go along, as the server said them. */
    conditions: string[];
}

/** What borders are drawn with; stays as set. */
export interface Pen {
    line: string;
    colour: string;
}

/** An act, or a change of the stylebook, that is tried on the sheet but not kept. */
export type Trial =
    | { [Name in keyof ActArguments]: { act: Name; args: ActArguments[Name]; words: string } }[keyof ActArguments]
    | {
          [Name in keyof RevisionArguments]: { revise: Name; args: RevisionArguments[Name]; words: string };
      }[keyof RevisionArguments];

interface BenchState {
    sheet: number;
    selection: Rect[];
    active: { row: number; column: number };
    /** The cell that a range grows from while Shift is held. */
    anchor: { row: number; column: number };
    trial: Trial | null;
    scope: Scope;
    /** What of a chosen cell a rule of a stylebook is set for: its part, or the kind of its column. */
    aim: 'part' | 'kind';
    /** Entry, choice or formula cells, where they were pressed as such; their own part of the table is not meant then. */
    meant: string | null;
    /** Sheets that take an act together with the one in view. */
    together: number[];
    lifted: Laying | null;
    /** Cells that were copied here: where the clipboard still holds their text, they are pasted with their looks. */
    copied: Lifted | null;
    pen: Pen;
    /** The screen whose frame is drawn on the grid, by its name. */
    screen: string | null;
    /** Lines stand on the grid where pages end. */
    pageEnds: boolean;
    /** What to scroll to; a new object scrolls again. */
    reveal: { row: number; column: number } | null;
    select: (ranges: Rect[], active?: { row: number; column: number }, reveal?: boolean) => void;
    open: (sheet: number) => void;
    tryOn: (trial: Trial | null) => void;
}

export const useBench = create<BenchState>((set) => ({
    sheet: 0,
    selection: [{ top: 1, left: 1, bottom: 1, right: 1 }],
    active: { row: 1, column: 1 },
    anchor: { row: 1, column: 1 },
    trial: null,
    scope: 'cells',
    aim: 'part',
    meant: null,
    together: [],
    lifted: null,
    copied: null,
    pen: { line: 'thin', colour: '#2A2230' },
    screen: null,
    pageEnds: false,
    reveal: null,
    select: (selection, active, reveal = true) =>
        set((state) => {
            const first = selection[0];
            const cell = active ?? (first ? { row: first.top, column: first.left } : state.active);
            // A part is meant only where a part was pressed: any other selection means its own cells.
            return {
                scope: 'cells',
                aim: 'part',
                meant: null,
                selection,
                active: cell,
                anchor: active ? state.anchor : cell,
                reveal: reveal ? { ...cell } : state.reveal,
            };
        }),
    open: (sheet) =>
        set({
            sheet,
            selection: [{ top: 1, left: 1, bottom: 1, right: 1 }],
            active: { row: 1, column: 1 },
            anchor: { row: 1, column: 1 },
            trial: null,
            together: [],
            scope: 'cells',
            meant: null,
        }),
    tryOn: (trial) => set({ trial }),
}));

export function selectionText(selection: Rect[]): string {
    return selection.map(write).join(',');
}
