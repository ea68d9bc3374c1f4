import { HexColorPicker } from 'react-colorful';
import { useState } from 'react';
import { PanelButton } from '@/parts/openers';

/** A colour of the page, by eye or by code; or none. */
export function PageColour({ label, value, onSet }: { label: string; value: string; onSet: (colour: string) => void }) {
    const isNone = value === 'none';
    const [open, setOpen] = useState(false);
    const [draft, setDraft] = useState(value);
    const good = /^#[0-9a-f]{6}$/i.test(draft);
    return (
        <PanelButton
            className="flex items-center gap-1.5 rounded-md px-1 text-[12px] hover:bg-ground"
            aria-label={label}
            opened={open}
            onOpen={(on) => {
                setOpen(on);
                setDraft(isNone ? '#FCFAF5' : value);
            }}
            panel={{ className: 'menu w-[224px] p-2.5', side: 'top', 'aria-label': label }}
            face={
                <>
                    <span
                        className="h-[18px] w-[18px] rounded border border-hair"
                        style={{
                            background: isNone
                                ? 'linear-gradient(to top right, #fff 47%, #a09aa6 48%, #a09aa6 52%, #fff 53%)'
                                : value,
                        }}
                    />
                    {label.toLowerCase()}
                </>
            }
        >
            <HexColorPicker color={good ? draft : '#FCFAF5'} onChange={setDraft} style={{ width: '100%', height: 130 }} />
            <div className="mt-2 flex gap-1.5">
                <input
                    aria-label={`${label} by code`}
                    className="field w-[86px] font-mono"
                    value={draft}
                    onChange={(event) => setDraft(event.target.value)}
                />
                <button
                    type="button"
                    className="btn btn-primary h-7"
                    disabled={!good}
                    onClick={() => {
                        onSet(draft.toUpperCase());
                        setOpen(false);
                    }}
                >
                    Take it
                </button>
            </div>
            <button
                type="button"
                className="btn mt-1.5 h-7 w-full justify-center"
                onClick={() => {
                    onSet('none');
                    setOpen(false);
                }}
            >
                None
            </button>
        </PanelButton>
    );
}
