import { useState, type ChangeEvent, type FocusEvent, type KeyboardEvent } from 'react';

/**
 * A field that shows a value and takes another: what a person writes stays as it is written, whatever the value becomes
 * meanwhile, until the field is left or Enter pressed; Escape takes it back. A field that is left blank keeps what it had,
 * unless blank says something there.
 */
export function useDraft(value: string, keep: (written: string) => void, blankSays = false) {
    const [draft, setDraft] = useState<string | null>(null);
    return {
        value: draft ?? value,
        onChange: (event: ChangeEvent<HTMLInputElement>) => setDraft(event.target.value),
        onBlur: (event: FocusEvent<HTMLInputElement>) => {
            const written = event.currentTarget.value.trim();
            if (draft !== null && (written !== '' || blankSays) && written !== value) keep(written);
            setDraft(null);
        },
        onKeyDown: (event: KeyboardEvent<HTMLInputElement>) => {
            if (event.key === 'Escape') setDraft(null);
            if (event.key === 'Enter') event.currentTarget.blur();
        },
    };
}
