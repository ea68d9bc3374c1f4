import { Redo2, Undo2 } from 'lucide-react';
import type { BenchRecord } from '@/api/types';
import type { Acts } from '@/work/useActs';

/** One step back and one forward, with what they are about. */
export function UndoRedo({ bench, acts }: { bench: BenchRecord; acts: Acts }) {
    return (
        <>
            <button
                type="button"
                className="icon-btn flex-none"
                aria-label={bench.undo ? `Undo: ${bench.undo}` : 'Undo'}
                title={bench.undo ? `Undo: ${bench.undo} (Ctrl+Z)` : 'Nothing to undo'}
                disabled={!bench.undo}
                onClick={() => void acts.undo()}
            >
                <Undo2 size={16} strokeWidth={1.75} />
            </button>
            <button
                type="button"
                className="icon-btn flex-none"
                aria-label={bench.redo ? `Redo: ${bench.redo}` : 'Redo'}
                title={bench.redo ? `Redo: ${bench.redo} (Ctrl+Y)` : 'Nothing to do again'}
                disabled={!bench.redo}
                onClick={() => void acts.redo()}
            >
                <Redo2 size={16} strokeWidth={1.75} />
            </button>
        </>
    );
}
