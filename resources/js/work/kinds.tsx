import {
    AlignLeft,
    Binary,
    Calendar,
    CalendarClock,
    CheckSquare,
    Clock,
    Coins,
    Hash,
    List,
    Minus,
    Percent,
    Sigma,
    Timer,
    Type,
    type LucideIcon,
} from 'lucide-react';
import { PARTS, Parts, type ColumnKind } from '@/api/types';

const ICONS: Record<ColumnKind, LucideIcon> = {
    text: Type,
    longtext: AlignLeft,
    code: Hash,
    category: List,
    integer: Sigma,
    decimal: Binary,
    amount: Coins,
    percent: Percent,
    date: Calendar,
    time: Clock,
    datetime: CalendarClock,
    duration: Timer,
    boolean: CheckSquare,
    empty: Minus,
};

export function KindIcon({ kind }: { kind: string }) {
    const Icon = ICONS[kind as ColumnKind] ?? Type;
    return <Icon size={13} strokeWidth={1.75} aria-hidden="true" />;
}

/** Parts that rows can be read as: name, what a run of them is called, letter of its bracket. */
export const ROW_PARTS = Parts.filter((part) => PARTS[part].ofRows).map((part) => ({ part, ...PARTS[part] }));
