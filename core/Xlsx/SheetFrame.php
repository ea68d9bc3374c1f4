<?php

declare(strict_types=1);

namespace Rilvet\Xlsx;

use Rilvet\Measure\Length;
use Rilvet\Xlsx\Frame\Framed;
use Rilvet\Xlsx\Frame\FramePieces;

/**
 * Writes what stands around the rows of a worksheet: only what is set otherwise than it was, all else as it is. A new
 * worksheet is a blank one that is written over.
 */
final class SheetFrame
{
    private string $root = '<worksheet>';

    private bool $isFitted;

    public function __construct(
        private readonly string $part,
        private readonly Framed $now,
        private readonly Moves $moves = new Moves([], ''),
        private readonly NamedPlaces $places = new NamedPlaces([]),
    ) {
    }

    /** What stands before the rows, up to the tag that opens them. */
    public function head(string $head): string
    {
        $skeleton = new SheetSkeleton($head, '</sheetData></worksheet>', $this->part);
        if (preg_match('~<worksheet\b[^>]*>~', $head, $found) === 1) {
            $this->root = $found[0];
        }
        $this->isFitted = PageXml::fits($skeleton->root);
        $sheet = $this->now->sheet;
        $was = $skeleton->setup($this->now->digit, $sheet->cells->columns(), [], [], $sheet->setup->tab->state);
        $changed = FramePieces::head($skeleton, $this->now, $was);
        if (! $this->moves->isEmpty()) {
            // What reaches over all that is used is only a hint (18.3.1.35), and selections go along.
            $skeleton->element('dimension')?->remove();
            $this->moves->on($skeleton->root);
            $changed = true;
        }
        $changed = $this->places->on($skeleton->root) || $changed;
        if (! $changed) {
            return $head;
        }
        $xml = (string) $skeleton->tree->saveXML();
        $end = strpos($xml, '<sheetData/>');

        return substr($xml, 0, (int) $end).'<sheetData>';
    }

    /** What stands after the rows, from the tag that closes them. */
    public function tail(string $tail): string
    {
        $skeleton = new SheetSkeleton("{$this->root}<sheetData>", $tail, $this->part, $this->isFitted);
        $changed = $this->moves->isEmpty() && $this->places->on($skeleton->root);
        if (! $this->moves->isEmpty()) {
            $this->moves->on($skeleton->root);
            $changed = true;
        }
        $changed = FramePieces::tail($skeleton, $this->now) || $changed;
        if (! $changed) {
            return $tail;
        }
        $xml = (string) $skeleton->tree->saveXML();

        return '</sheetData>'.substr($xml, (int) strpos($xml, '<sheetData/>') + 12);
    }

    /**
     * What stands before the rows of a new worksheet.
     *
     * @param  string  $namespace  strict or transitional
     * @param  string  $relations  the namespace of relationships
     * @param  string  $dimension  the cells that it uses
     */
    public function first(string $namespace, string $relations, string $dimension): string
    {
        $blank = "<worksheet xmlns=\"$namespace\" xmlns:r=\"$relations\"><dimension ref=\"$dimension\"/><sheetData>";
        $written = $this->head($blank);

        return '<?xml version="1.0" encoding="UTF-8" standalone="yes"?>'."\n".preg_replace('/^<\?xml[^>]*\?>\s*/', '', $written);
    }

    /** What stands after them. */
    public function last(): string
    {
        return $this->tail('</sheetData></worksheet>');
    }

    /** Characters of the default type, truncated to 1/256 (18.3.1.13), as many as the format takes. */
    public static function characters(int $px, int $digit): float
    {
        return min(Length::CHARACTERS, floor($px / $digit * 256) / 256);
    }
}
