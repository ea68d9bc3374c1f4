<?php

declare(strict_types=1);

namespace Rilvet\Guard;

/** What a sheet is for. */
enum Role: string
{
    case Entry = 'entry';
    case Report = 'report';
    case Data = 'data';
    case Calculation = 'calculation';
    case Lists = 'lists';
    case Notes = 'notes';
    case Looks = 'looks';
    case Contents = 'contents';

    public function words(): string
    {
        return ucfirst($this->value);
    }

    /** What it is for, to whoever reads the workbook. */
    public function purpose(): string
    {
        return match ($this) {
            self::Entry => 'to be filled in',
            self::Report => 'to be read',
            self::Data => 'rows as they were kept',
            self::Calculation => 'works out what other sheets show',
            self::Lists => 'choices that other sheets offer',
            self::Notes => 'words about the workbook',
            self::Looks => 'what each look means',
            self::Contents => 'what is where',
        };
    }

    /** Sheets that only support others, and are not there to be met. */
    public function isSupport(): bool
    {
        return $this === self::Calculation || $this === self::Lists;
    }

    /** The colour of its tab where no stylebook says one: few colours, each with a reason; null where none is needed. */
    public function colour(): ?string
    {
        return match ($this) {
            self::Entry => '#C08A2B',
            self::Report, self::Contents => '#5C2B57',
            self::Data, self::Notes => null,
            self::Calculation, self::Lists, self::Looks => '#8A8192',
        };
    }
}
