import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, Refused, type Went } from '@/api/client';
import { keys } from '@/api/keys';
import { say, tell } from '@/parts/Messages';
import { counted } from '@/parts/counted';

/** Keeps the draft as a version; where somebody kept one meanwhile, it is asked how the two come together. */
export function useKeep(id: number, specimen: number) {
    const client = useQueryClient();
    const [went, setWent] = useState<Went | null>(null);
    const [busy, setBusy] = useState(false);
    const fresh = () =>
        Promise.all([
            client.invalidateQueries({ queryKey: ['book', id] }),
            client.invalidateQueries({ queryKey: keys.bench(specimen) }),
            client.invalidateQueries({ queryKey: ['shelf'] }),
        ]);
    const send = (both: 'mine' | 'theirs' | null) => {
        setBusy(true);
        return api
            .keepDraft(id, both)
            .then(
                (book) => {
                    setWent(null);
                    const sheets = book.sheets - book.worn.filter((sheet) => sheet.holds !== null).length;
                    say(
                        `Version ${book.version} is kept.${sheets > 0 ? ` ${counted(sheets, 'sheet follows', 'sheets follow')} it.` : ''}`,
                    );
                    return fresh();
                },
                (fault: unknown) => (fault instanceof Refused && fault.went ? setWent(fault.went) : tell(fault)),
            )
            .finally(() => setBusy(false));
    };
    return {
        went,
        busy,
        fresh,
        keep: () => void send(null),
        settle: (both: 'mine' | 'theirs' | null) => (both === null ? setWent(null) : void send(both)),
    };
}

export type Keeping = ReturnType<typeof useKeep>;
