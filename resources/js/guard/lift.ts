import type { GuardRecord } from '@/api/types';
import { ask } from '@/parts/Ask';
import type { Acts } from '@/work/useActs';

/** Lifts the protection of the sheet in view, with its password where it has one; null where that is not known. */
export async function lift(acts: Acts, name: string, hasPassword: boolean | null) {
    const password =
        hasPassword === false
            ? ''
            : await ask({
                  title: `Lift the protection of ${name}`,
                  label: hasPassword ? 'Password' : 'Password, if it has one',
                  action: 'Lift it',
                  secret: true,
                  optional: hasPassword === null,
              });
    if (password !== null) void acts.act('unprotect', { password });
}

/** Protects the order of the sheets, or lifts that. */
export async function guardOrder(acts: Acts, record: GuardRecord | undefined) {
    if (record?.isOrderProtected) {
        const password = record.orderHasPassword
            ? await ask({ title: 'Lift the protection of the order', label: 'Password', action: 'Lift it', secret: true })
            : '';
        return password === null ? undefined : void acts.act('protectOrder', { on: false, password });
    }
    const password = await ask({
        title: 'Protect the order of the sheets',
        about: 'Sheets are then not moved, renamed, hidden, added or taken out. A rail against mistakes, not a lock against thieves.',
        label: 'Password, if one is wanted',
        action: 'Protect',
        secret: true,
        optional: true,
    });
    if (password !== null) void acts.act('protectOrder', { on: true, password: password || null });
}
