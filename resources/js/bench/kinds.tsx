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
import type { ColumnKind } from '@/api/types';

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

export const KIND_WORDS: Record<ColumnKind, string> = {
    text: 'text',
    longtext: 'long text',
    code: 'code',
    category: 'category',
    integer: 'integer',
    decimal: 'decimal',
    amount: 'amount',
    percent: 'percent',
    date: 'date',
    time: 'time',
    datetime: 'date and time',
    duration: 'duration',
    boolean: 'yes or no',
    empty: 'empty',
};

export function KindIcon({ kind }: { kind: string }) {
    const Icon = ICONS[kind as ColumnKind] ?? Type;
    return <Icon size={13} strokeWidth={1.75} aria-hidden="true" />;
}

export const PART_WORDS: [string, string, string][] = [
    ['title', 'Title', 'T'],
    ['units', 'Units line', 'U'],
    ['column_group', 'Column groups', 'G'],
    ['heading', 'Column headings', 'H'],
    ['body', 'Body', 'B'],
    ['row_group', 'Row group', 'R'],
    ['subtotal', 'Subtotal', 'S'],
    ['total', 'Total', 'Σ'],
    ['note', 'Note', 'N'],
];
