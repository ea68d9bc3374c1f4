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
        return match ($this) {
            self::SelectLocked => 'select locked cells',
            self::SelectUnlocked => 'select open cells',
            self::FormatCells => 'format cells',
            self::FormatColumns => 'size and hide columns',
            self::FormatRows => 'size and hide rows',
            self::InsertColumns => 'put columns in',
            self::InsertRows => 'put rows in',
            self::InsertLinks => 'put links in',
            self::DeleteColumns => 'take columns out',
            self::DeleteRows => 'take rows out',
            self::Sort => 'sort',
            self::Filter => 'filter',
            self::Pivots => 'use pivot tables',
            self::Objects => 'edit pictures and shapes',
            self::Scenarios => 'edit scenarios',
        };
    }
}
