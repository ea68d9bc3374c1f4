import { Dialog } from 'radix-ui';
import { useState } from 'react';
import { create } from 'zustand';
import { ALLOWANCES } from '@/api/types';
import { useReturnFocus } from '@/parts/useReturnFocus';
import type { Acts } from '@/work/useActs';
import { Shade } from '@/parts/Shade';

/** Readers may go anywhere. */
export const USUALLY_ALLOWED = ['goToLocked', 'goToOpen'];

/** The sheet that is being protected, and what it allows now. */
export const useProtecting = create<{ sheet: { name: string; allowed: string[] } | null }>(() => ({ sheet: null }));

/** What a protected sheet allows, and the password that lifts it. */
export function ProtectDialog({ acts }: { acts: Acts }) {
    const sheet = useProtecting((state) => state.sheet);
    return sheet && <Open key={sheet.name} sheet={sheet} acts={acts} />;
}

/** What is done, each once. */
const DOES = [...new Set(ALLOWANCES.map(([, does]) => does))];

function Open({ sheet, acts }: { sheet: { name: string; allowed: string[] }; acts: Acts }) {
    useReturnFocus();
    const [allowed, setAllowed] = useState(sheet.allowed);
    const [password, setPassword] = useState('');
    const [again, setAgain] = useState('');
    const allow = (name: string, is: boolean) => setAllowed(is ? [...allowed, name] : allowed.filter((other) => other !== name));
    const close = () => useProtecting.setState({ sheet: null });
    const differs = password !== '' && again !== password;
    return (
        <Dialog.Root open onOpenChange={(open) => !open && close()}>
            <Dialog.Portal>
                <Shade />
                <Dialog.Content className="dialog w-[520px]" aria-describedby="protect-about">
                    <Dialog.Title className="text-[15px] font-semibold">Protect {sheet.name}</Dialog.Title>
                    <p id="protect-about" className="mt-1.5 text-quiet">
                        Locked cells take nothing until the protection is lifted. This is a rail against mistakes, not a lock
                        against thieves: whoever has the file can read all of it.
                    </p>
                    <form
                        onSubmit={(event) => {
                            event.preventDefault();
                            void acts.act('protect', { allowed, password: password || null });
                            close();
                        }}
                    >
                        <fieldset className="mt-3">
                            <legend className="text-[12px] font-semibold">Readers may all the same</legend>
                            {DOES.map((does) => (
                                <div key={does} className="flex min-h-7 flex-wrap items-center gap-x-4">
                                    <span className="w-[96px] text-quiet">{does}</span>
                                    {ALLOWANCES.filter(([, each]) => each === does).map(([name, , what]) => (
                                        <label key={name} className="flex items-center gap-1.5">
                                            <input
                                                type="checkbox"
                                                className="accent-damson"
                                                aria-label={`${does} ${what}`}
                                                checked={allowed.includes(name)}
                                                onChange={(event) => allow(name, event.target.checked)}
                                            />
                                            {what}
                                        </label>
                                    ))}
                                </div>
                            ))}
                        </fieldset>
                        <div className="mt-3 grid grid-cols-2 gap-4">
                            <label className="block text-[12px] text-quiet">
                                Password, if one is wanted
                                <input
                                    type="password"
                                    autoComplete="new-password"
                                    className="field mt-1 w-full text-[13px] text-ink"
                                    maxLength={255}
                                    value={password}
                                    onChange={(event) => setPassword(event.target.value)}
                                />
                            </label>
                            <label className="block text-[12px] text-quiet">
                                The same once more
                                <input
                                    type="password"
                                    autoComplete="new-password"
                                    className="field mt-1 w-full text-[13px] text-ink"
                                    maxLength={255}
                                    value={again}
                                    disabled={password === ''}
                                    aria-invalid={differs}
                                    onChange={(event) => setAgain(event.target.value)}
                                />
                            </label>
                        </div>
                        <p className="mt-1 h-4 text-[12px] text-caution" role="status">
                            {differs && again !== '' ? 'The two are not the same yet.' : ''}
                        </p>
                        <div className="mt-2 flex justify-end gap-2">
                            <button type="button" className="btn" onClick={close}>
                                Leave it
                            </button>
                            <button type="submit" className="btn btn-primary" disabled={differs}>
                                Protect
                            </button>
                        </div>
                    </form>
                </Dialog.Content>
            </Dialog.Portal>
        </Dialog.Root>
    );
}
