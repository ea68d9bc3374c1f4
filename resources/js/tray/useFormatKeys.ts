import { useEffect } from 'react';
import type { Formatter } from './useFormat';

/** Bold, italic and underline by their universal keys. */
export function useFormatKeys(format: Formatter): void {
    useEffect(() => {
        const press = (event: KeyboardEvent) => {
            if (!(event.ctrlKey || event.metaKey) || event.altKey || event.shiftKey) return;
            if ((event.target as HTMLElement).closest('input, textarea, select')) return;
            if (document.querySelector('[role=dialog].dialog, [role=alertdialog]')) return;
            const key = event.key.toLowerCase();
            if (key === 'b') format.format((now) => ({ bold: !now.is('bold') }));
            else if (key === 'i') format.format((now) => ({ italic: !now.is('italic') }));
            else if (key === 'u')
                format.format((now) => ({ underline: (now.value('underline') ?? 'none') === 'none' ? 'single' : 'none' }));
            else return;
            event.preventDefault();
        };
        document.addEventListener('keydown', press);
        return () => document.removeEventListener('keydown', press);
    }, [format]);
}
