<?php

declare(strict_types=1);

namespace Rilvet\Xlsx;

use DOMElement;
use Rilvet\Clamp;
use Rilvet\Grid\Address;
use Rilvet\Package\PackageXml;

/** Something of a package that lies over the cells of a sheet (ISO/IEC 29500-1 20.5): what it is, and where. */
final readonly class Drawing
{
    /** English Metric Units a px at 96 dpi. */
    private const EMU = 9_525;

    /** What lies over a sheet, at most. */
    private const MOST = 500;

    /**
     * @param  string  $kind  "chart", "picture", "shape", "control" or "other"
     * @param  string  $name  as the file says it
     * @param  array{int, int, int, int}  $from  row and column of its upper left corner, from 1, and how far into them, down and
     *     across, in px
     * @param  array{int, int, int, int}|null  $to  the same of its lower right corner; null where it has a size instead
     * @param  array{int, int}  $size  width and height in px, where it has no other corner
     * @param  string|null  $image  the part of a picture
     */
    private function __construct(
        public string $kind,
        public string $name,
        public array $from,
        public ?array $to,
        public array $size,
        public ?string $image,
    ) {
    }

    /**
     * @param  Moves  $moves  rows and columns of the sheet that moved since the package came
     * @return list<self>
     */
    public static function of(Book $book, BookSheet $sheet, Moves $moves): array
    {
        $part = $book->package->related($sheet->part, 'drawing')?->target;
        if ($part === null) {
            return [];
        }
        $root = PackageXml::root(PackageXml::tree($book->package->contents($part), $part));
        $images = [];
        foreach ($book->package->relationships($part) as $relationship) {
            $images[$relationship->id] =
                $relationship->kind === 'image' && ! $relationship->outside && $book->package->has($relationship->target)
                    ? $relationship->target
                    : null;
        }
        $drawings = [];
        foreach ($root->childNodes as $anchor) {
            if ($anchor instanceof DOMElement && count($drawings) < self::MOST) {
                $drawings[] = self::anchored($anchor, $moves, $images);
            }
        }

        return array_values(array_filter($drawings));
    }

    /** @param  array<string, string|null>  $images  parts by relationship */
    private static function anchored(DOMElement $anchor, Moves $moves, array $images): ?self
    {
        // What an application offers in two ways stands in an envelope (ISO/IEC 29500-3, 10.3).
        $inner = $anchor->localName === 'AlternateContent' ? PackageXml::child($anchor, 'Choice')?->firstElementChild : $anchor;
        if (! $inner instanceof DOMElement || ! in_array($inner->localName, ['twoCellAnchor', 'oneCellAnchor', 'absoluteAnchor'], true)) {
            return null;
        }
        $from = PackageXml::child($inner, 'from');
        $to = PackageXml::child($inner, 'to');
        $extent = PackageXml::child($inner, 'ext');
        $named = $inner->getElementsByTagNameNS('*', 'cNvPr')->item(0);
        $blip = $inner->getElementsByTagNameNS('*', 'blip')->item(0);
        $id =
            $blip?->getAttributeNS('http://schemas.openxmlformats.org/officeDocument/2006/relationships', 'embed') ?:
            $blip?->getAttributeNS('http://purl.oclc.org/ooxml/officeDocument/relationships', 'embed');
        $has = fn (string $name) => PackageXml::child($inner, $name) !== null;

        return new self(
            match (true) {
                $has('graphicFrame') || $inner->getElementsByTagNameNS('*', 'graphicFrame')->length > 0 => 'chart',
                $has('pic') => 'picture',
                $has('sp'), $has('grpSp'), $has('cxnSp') => 'shape',
                default => 'other',
            },
            mb_strimwidth(mb_scrub($named?->getAttribute('name') ?? ''), 0, 80, '…'),
            $from === null ? [1, 1, 0, 0] : self::corner($from, $moves),
            $to === null ? null : self::corner($to, $moves),
            [intdiv((int) $extent?->getAttribute('cx'), self::EMU), intdiv((int) $extent?->getAttribute('cy'), self::EMU)],
            $has('pic') ? $images[(string) $id] ?? null : null,
        );
    }

    /** @return array{int, int, int, int} */
    private static function corner(DOMElement $corner, Moves $moves): array
    {
        $number = fn (string $name) => (int) (PackageXml::child($corner, $name)->textContent ?? 0);

        return [
            $moves->place(1 + Clamp::of($number('row'), 0, Address::ROWS - 1), true),
            $moves->place(1 + Clamp::of($number('col'), 0, Address::COLUMNS - 1), false),
            max(0, intdiv($number('rowOff'), self::EMU)), max(0, intdiv($number('colOff'), self::EMU)),
        ];
    }
}
