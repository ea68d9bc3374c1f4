<?php

declare(strict_types=1);

namespace Rilvet\Act;

use Rilvet\Look\Attribute;
use Rilvet\Look\Look;
use Rilvet\Reading\ColumnKind;
use Rilvet\Reading\Part;
use Rilvet\Work\Workbook;

/** How headings keep their columns narrow: they wrap, they are turned above figures, or they stay on one line. */
final readonly class FitHeadings implements Act
{
    public const WAYS = ['wrap', 'turn', 'line'];

    /** Columns of words are wide anyway; turning their headings would only make them harder to read. */
    private const WORDS = [ColumnKind::Text, ColumnKind::LongText, ColumnKind::Category, ColumnKind::None];

    /**
     * @param  non-empty-list<int>  $sheets
     * @param  string  $how  one of WAYS
     */
    public function __construct(private array $sheets, private string $how)
    {
    }

    public function on(Workbook $workbook): Workbook
    {
        $flat = Look::of([Attribute::Wrap->value => $this->how !== 'line', Attribute::Rotation->value => 0]);
        $workbook = (new FormatPart($this->sheets, Part::Heading, null, $flat))->on($workbook);
        foreach (ColumnKind::cases() as $kind) {
            $turned = $this->how === 'turn' && ! in_array($kind, self::WORDS, true);
            // What an earlier turn said of the kind is taken back first.
            $workbook = (new FormatPart($this->sheets, Part::Heading, $kind, Look::none()))->on($workbook);
            if ($turned) {
                $look = Look::of([
                    Attribute::Rotation->value => 90,
                    Attribute::Wrap->value => false,
                    Attribute::Horizontal->value => 'center',
                    Attribute::Vertical->value => 'bottom',
                ]);
                $workbook = (new FormatPart($this->sheets, Part::Heading, $kind, $look))->on($workbook);
            }
        }

        return $workbook;
    }

    public function reach(): Reach
    {
        return Reach::whole(...$this->sheets)->sizing();
    }

    public function words(Workbook $workbook): string
    {
        $words = match ($this->how) {
            'turn' => 'Headings above figures turned upright',
            'wrap' => 'Headings wrap',
            default => 'Headings on one line',
        };

        return $words.', '.(count($this->sheets) === 1 ? $workbook->sheet($this->sheets[0])->name : count($this->sheets).' sheets');
    }
}
