import { create } from 'zustand';
import { api } from '@/api/client';
import { say, tell } from '@/parts/Messages';
import { useBench } from '@/work/state';

/** Whether the Bench behaves as the handed-over sheet will. */
export const useReader = create<{ on: boolean }>(() => ({ on: false }));

export const readAs = (on: boolean) => {
    useReader.setState({ on });
    if (on) document.querySelector<HTMLElement>('[role="grid"]')?.focus({ preventScroll: true });
};

/** Goes to the next cell that is open to be filled in, or to the one before. */
export function goToEntry(id: number, back: boolean) {
    const { sheet, active, select } = useBench.getState();
    void api.nextEntry(id, sheet, active.row, active.column, back).then(({ row, column }) => {
        if (row === 0) return say('No cell of this sheet is open to be filled in.');
        if (useBench.getState().sheet === sheet) select([{ top: row, left: column, bottom: row, right: column }]);
    }, tell);
}
