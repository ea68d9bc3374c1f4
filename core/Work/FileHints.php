<?php

declare(strict_types=1);

namespace Rilvet\Work;

use Rilvet\Intake\SheetTyping;
use Rilvet\Look\Attribute;
use Rilvet\Look\LookBook;
use Rilvet\Look\LookMap;
use Rilvet\Reading\FormatHints;

/** What the looks that came with a file, and the typing of its text, tell a reading. */
final readonly class FileHints implements FormatHints
{
    public function __construct(private LookMap $file, private LookBook $looks, private Setup $setup, private ?SheetTyping $typing = null)
    {
    }

    public static function of(Worksheet $sheet, LookBook $looks): self
    {
        return new self($sheet->file, $looks, $sheet->came, $sheet->typing);
    }

    public function numberFormat(int $row, int $column): ?string
    {
        $code = $this->looks->look($this->file->at($row, $column))->text(Attribute::Number);

        return $code !== '' ? $code : $this->typing->columns[$column]->format ?? null;
    }

    public function isStrong(int $row, int $column): bool
    {
        $look = $this->looks->look($this->file->at($row, $column));

        return $look->is(Attribute::Bold) || ! in_array($look->text(Attribute::Fill), ['', 'none', '#FFFFFF'], true);
    }

    public function merges(): array
    {
        return $this->setup->merges;
    }
}
