<?php

declare(strict_types=1);

namespace Rilvet\Guard;

/** What a protected sheet may allow all the same (attributes of ISO/IEC 29500-1 18.3.1.85, in whose words 1 means "not"). */
enum Allowance: string
{
    case SelectLocked = 'selectLockedCells';
    case SelectUnlocked = 'selectUnlockedCells';
    case FormatCells = 'formatCells';
    case FormatColumns = 'formatColumns';
    case FormatRows = 'formatRows';
    case InsertColumns = 'insertColumns';
    case InsertRows = 'insertRows';
    case InsertLinks = 'insertHyperlinks';
    case DeleteColumns = 'deleteColumns';
    case DeleteRows = 'deleteRows';
    case Sort = 'sort';
    case Filter = 'autoFilter';
    case Pivots = 'pivotTables';
    case Objects = 'objects';
    case Scenarios = 'scenarios';

    /** What is meant where the file says nothing: whether it is forbidden. */
    public function isForbiddenUnsaid(): bool
    {
        return ! in_array($this, [self::SelectLocked, self::SelectUnlocked, self::Objects, self::Scenarios], true);
    }

    public function words(): string
    {
        return implode(' ', $this->said());
    }

    /** @return array{string, string} what is done, and to what: "take out", "rows" */
    public function said(): array
    {
        return match ($this) {
            self::SelectLocked => ['go to', 'locked cells'],
            self::SelectUnlocked => ['go to', 'open cells'],
            self::FormatCells => ['dress', 'cells'],
            self::FormatColumns => ['size and hide', 'columns'],
            self::FormatRows => ['size and hide', 'rows'],
            self::InsertColumns => ['put in', 'columns'],
            self::InsertRows => ['put in', 'rows'],
            self::InsertLinks => ['put in', 'links'],
            self::DeleteColumns => ['take out', 'columns'],
            self::DeleteRows => ['take out', 'rows'],
            self::Sort => ['work with', 'order of rows'],
            self::Filter => ['work with', 'filters'],
            self::Pivots => ['work with', 'pivot tables'],
            self::Objects => ['edit', 'pictures and shapes'],
            self::Scenarios => ['edit', 'scenarios'],
        };
    }
}
