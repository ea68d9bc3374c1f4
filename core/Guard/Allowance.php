<?php

declare(strict_types=1);

namespace Rilvet\Guard;

/** What a protected sheet may allow all the same (attributes of ISO/IEC 29500-1 18.3.1.85, in whose words 1 means "not"). */
enum Allowance: string
{
    case SelectLocked = 'goToLocked';
    case SelectUnlocked = 'goToOpen';
    case DressCells = 'dressCells';
    case SizeColumns = 'sizeColumns';
    case SizeRows = 'sizeRows';
    case PutColumns = 'putColumns';
    case PutRows = 'putRows';
    case PutLinks = 'putLinks';
    case TakeColumns = 'takeColumns';
    case TakeRows = 'takeRows';
    case Sort = 'sort';
    case Filter = 'filter';
    case Pivots = 'pivots';
    case Objects = 'objects';
    case Scenarios = 'scenarios';

    /** The attribute that says it in a file. */
    public function xlsx(): string
    {
        return match ($this) {
            self::SelectLocked => 'selectLockedCells',
            self::SelectUnlocked => 'selectUnlockedCells',
            self::DressCells => self::dressing('Cells'),
            self::SizeColumns => self::dressing('Columns'),
            self::SizeRows => self::dressing('Rows'),
            self::PutColumns => 'insertColumns',
            self::PutRows => 'insertRows',
            self::PutLinks => 'insertHyperlinks',
            self::TakeColumns => 'deleteColumns',
            self::TakeRows => 'deleteRows',
            self::Filter => 'autoFilter',
            self::Pivots => 'pivotTables',
            default => $this->value,
        };
    }

    private static function dressing(string $what): string
    {
        return "format$what";
    }

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
            self::DressCells => ['dress', 'cells'],
            self::SizeColumns => ['size and hide', 'columns'],
            self::SizeRows => ['size and hide', 'rows'],
            self::PutColumns => ['put in', 'columns'],
            self::PutRows => ['put in', 'rows'],
            self::PutLinks => ['put in', 'links'],
            self::TakeColumns => ['take out', 'columns'],
            self::TakeRows => ['take out', 'rows'],
            self::Sort => ['work with', 'order of rows'],
            self::Filter => ['work with', 'filters'],
            self::Pivots => ['work with', 'pivot tables'],
            self::Objects => ['edit', 'pictures and shapes'],
            self::Scenarios => ['edit', 'scenarios'],
        };
    }
}
