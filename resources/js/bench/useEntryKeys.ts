import { useRef, type KeyboardEvent } from 'react';
import type { SheetDetail } from '@/api/types';
import { letters } from '@/grid/address';
import { offersChoices, useChoices } from '@/guard/ChoiceBox';
import { goToEntry, readAs, useReader } from '@/guard/reader';
import { say } from '@/parts/Messages';
import { useBench } from '@/work/state';

/** Keys of whoever fills a sheet in: choices open, Tab goes from entry to entry, and what is locked takes nothing. */
export function useEntryKeys(id: number, detail: SheetDetail, isProtected: boolean) {
    const reader = useReader((state) => state.on);
    const isGuarded = reader || isProtected;
    /** After Escape, Tab leaves the grid as everywhere else. */
    const leaving = useRef(false);
    const isLocked = () => {
        const { active } = useBench.getState();
        if (!isGuarded || !useChoices.getState().locked) return false;
        const way =
            reader && !isProtected
                ? 'Once the sheet is protected it takes nothing.'
                : 'Protection is lifted at the left, under “Entry and guard”.';
        say(`${letters(active.column)}${active.row} is locked. ${way}`, 'refused');
        return true;
    };
    /** Whether the key was meant for entries. */
    const takes = (event: KeyboardEvent): boolean => {
        const { active } = useBench.getState();
        const wasLeaving = leaving.current;
        leaving.current = event.key === 'Escape';
        if (event.key === 'ArrowDown' && event.altKey && offersChoices(detail, active.row, active.column)) {
            if (!isLocked()) useChoices.setState({ open: true });
            return true;
        }
        if (event.key === 'Escape' && reader) {
            readAs(false);
            return true;
        }
        if (event.key === 'Tab' && isGuarded && !wasLeaving) {
            goToEntry(id, event.shiftKey);
            return true;
        }
        const isTyped = !event.ctrlKey && !event.metaKey && !event.altKey && event.key.length === 1 && event.key !== ' ';
        return (isTyped || event.key === 'F2' || event.key === 'Delete') && isLocked();
    };
    return { takes, isLocked, reader };
}
