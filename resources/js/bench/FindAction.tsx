import { Dialog } from 'radix-ui';
import { useQuery } from '@tanstack/react-query';
import { useMemo, useState } from 'react';
import { api } from '@/api/client';
import type { BenchRecord, SheetDetail } from '@/api/types';
import { allActions, type Action } from './actions';
import { findActions } from './findActions';
import type { Acts } from '@/work/useActs';
import { useReturnFocus } from '@/parts/useReturnFocus';
import { Shade } from '@/parts/Shade';

interface Props {
    bench: BenchRecord;
    detail: SheetDetail;
    acts: Acts;
    onHandOver: () => void;
    onKeys: () => void;
    onClose: () => void;
}

/** Every action by name, with its key beside it. */
export function FindAction({ bench, detail, acts, onHandOver, onKeys, onClose }: Props) {
    useReturnFocus();
    const [text, setText] = useState('');
    const [at, setAt] = useState(0);
    const shelf = useQuery({ queryKey: ['shelf'], queryFn: api.shelf, staleTime: 60_000 });
    const known = shelf.data?.stylebooks;
    const actions = useMemo(
        () => allActions({ bench, detail, acts, stylebooks: known?.map((each) => each.name) ?? [], onHandOver, onKeys }),
        [bench, detail, acts, onHandOver, onKeys, known],
    );
    const found = useMemo(() => findActions(actions, text, 40), [actions, text]);
    const chosen = Math.min(at, Math.max(0, found.length - 1));
    const run = (action: Action | undefined) => {
        if (!action) return;
        onClose();
        action.run();
    };
    return (
        <Dialog.Root open onOpenChange={(open) => !open && onClose()}>
            <Dialog.Portal>
                <Shade />
                <Dialog.Content className="dialog w-[560px]" aria-describedby={undefined}>
                    <Dialog.Title className="sr-only">Find an action</Dialog.Title>
                    <input
                        className="field mb-2 w-full"
                        placeholder="What do you want to do?"
                        aria-label="Find an action"
                        role="combobox"
                        aria-expanded="true"
                        aria-controls="actions"
                        aria-activedescendant={found.length > 0 ? `action-${chosen}` : undefined}
                        value={text}
                        autoFocus
                        onChange={(event) => {
                            setText(event.target.value);
                            setAt(0);
                        }}
                        onKeyDown={(event) => {
                            if (event.key === 'ArrowDown') setAt(Math.min(chosen + 1, found.length - 1));
                            else if (event.key === 'ArrowUp') setAt(Math.max(chosen - 1, 0));
                            else if (event.key === 'Enter') run(found[chosen]);
                            else return;
                            event.preventDefault();
                        }}
                    />
                    <ul id="actions" role="listbox" aria-label="Actions" className="max-h-[360px] overflow-auto">
                        {found.map((action, index) => (
                            <li
                                key={index}
                                id={`action-${index}`}
                                role="option"
                                aria-selected={index === chosen}
                                className={`menu-item justify-between ${index === chosen ? 'bg-damson-soft text-damson' : ''}`}
                                onMouseMove={() => setAt(index)}
                                onClick={() => run(action)}
                            >
                                {action.words}
                                {action.keys && <kbd className="font-mono text-[11px] text-quiet">{action.keys}</kbd>}
                            </li>
                        ))}
                    </ul>
                    {found.length === 0 && <p className="p-2 text-quiet">Nothing is called like that.</p>}
                </Dialog.Content>
            </Dialog.Portal>
        </Dialog.Root>
    );
}
