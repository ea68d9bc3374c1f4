import { Dialog } from 'radix-ui';
import { useReturnFocus } from '@/parts/useReturnFocus';
import { Shade } from '@/parts/Shade';

type Mode = 'join' | 'first' | 'span' | null;

/** Says what a merge would hide, and offers the ways around it. */
export function MergeDialog({ hidden, onChoose }: { hidden: string[]; onChoose: (mode: Mode) => void }) {
    useReturnFocus();
    return (
        <Dialog.Root open onOpenChange={(open) => !open && onChoose(null)}>
            <Dialog.Portal>
                <Shade />
                <Dialog.Content className="dialog w-[460px]" aria-describedby="merge-hides">
                    <Dialog.Title className="text-[15px] font-semibold">More than one cell holds something</Dialog.Title>
                    <div id="merge-hides" className="my-3">
                        <p className="text-quiet">
                            A merged cell shows only the first. These would be hidden, and come back when the cells are split:
                        </p>
                        <ul className="mt-2 list-inside list-disc">
                            {hidden.map((text, index) => (
                                <li key={index}>{text}</li>
                            ))}
                        </ul>
                    </div>
                    <div className="flex flex-wrap justify-end gap-2">
                        <button type="button" className="btn" onClick={() => onChoose(null)}>
                            Leave it
                        </button>
                        <button type="button" className="btn" onClick={() => onChoose('first')}>
                            Keep the first
                        </button>
                        <button type="button" className="btn" onClick={() => onChoose('join')}>
                            Join the texts
                        </button>
                        <button type="button" className="btn btn-primary" onClick={() => onChoose('span')} autoFocus>
                            Span instead
                        </button>
                    </div>
                </Dialog.Content>
            </Dialog.Portal>
        </Dialog.Root>
    );
}
