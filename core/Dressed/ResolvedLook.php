<?php

declare(strict_types=1);

namespace Rilvet\Dressed;

use Rilvet\Look\Attribute;
use Rilvet\Look\Look;
use Rilvet\Reading\Part;

/** The look that a cell wears in the end, with what each layer said, lowest first. */
final readonly class ResolvedLook
{
    public Look $look;

    /** The code of its number format, "" for none. */
    public string $code;

    /** Whether that code came with the file, and nobody said another one. */
    public bool $isFileCode;

    /** Where its texts stand, in the words of {@see Look::HORIZONTAL}. */
    public string $horizontal;

    /**
     * @param  int  $number  the same for cells that look the same for the same reasons
     * @param  list<LayerEntry>  $entries
     * @param  Look|null  $look  what they come to, where that is known
     * @param  bool|null  $isFileCode  where that is known
     */
    public function __construct(public int $number, public array $entries, public ?Part $part = null, ?Look $look = null,
        ?bool $isFileCode = null)
    {
        $this->look = $look ?? self::over(Look::none(), $entries);
        // Asked of every cell that is shown or measured.
        $this->code = $this->look->text(Attribute::Number);
        $this->isFileCode = $isFileCode ?? $this->from(Attribute::Number) === Layer::File;
        $this->horizontal = $this->look->text(Attribute::Horizontal, 'general');
    }

    /** @param  list<LayerEntry>  $entries  that lie over all others, lowest first */
    public function with(int $number, array $entries): self
    {
        $look = self::over($this->look, $entries);
        $isOther = false;
        foreach ($entries as $entry) {
            $isOther = $isOther || $entry->look->get(Attribute::Number) !== null;
        }

        return new self($number, [...$this->entries, ...$entries], $this->part, $look, $isOther ? null : $this->isFileCode);
    }

    /** @param  list<LayerEntry>  $entries */
    private static function over(Look $look, array $entries): Look
    {
        foreach ($entries as $entry) {
            $look = $look->under($entry->look);
        }

        return $look;
    }

    /** The layer that an attribute came from: the highest that says it. */
    public function from(Attribute $attribute): ?Layer
    {
        return $this->entry($attribute)?->layer;
    }

    /** What of a layer says an attribute: the highest that does. */
    public function entry(Attribute $attribute): ?LayerEntry
    {
        foreach (array_reverse($this->entries) as $entry) {
            if ($entry->look->get($attribute) !== null) {
                return $entry;
            }
        }

        return null;
    }
}
