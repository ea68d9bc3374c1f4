<?php

declare(strict_types=1);

namespace Rilvet\Xlsx;

use DOMElement;
use Rilvet\Intake\Exception\FileIsWrong;
use Rilvet\Look\Attribute;
use Rilvet\Look\Look;
use Rilvet\Look\Overlay;
use Rilvet\Package\Package;
use Rilvet\Package\PackageXml;
use Rilvet\Package\PackedPart;
use Rilvet\Package\ZipWriter;
use Rilvet\Paper\Printed;
use Rilvet\Stylebook\Stylebook;
use Rilvet\Work\AsItCame;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;

/**
 * Writes a workbook back into the package that it came in: parts in which something is other than it was are replaced,
 * every other entry goes over byte for byte as it was packed. Charts, drawings, comments, pivot tables, macros and what
 * else Rilvet does not know stay as they are.
 */
final class BookRewrite
{
    private readonly ChangedParts $parts;

    private bool $formulasChanged = false;

    /** Bytes of a part up to which it is looked through for places. */
    private const PART = 33_554_432;

    /** @var array<string, Moves> of the sheets in which rows or columns moved, by their names */
    private array $moved = [];

    /** @var array<int, Printed> how sheets go to paper of which anything is to be said, by number */
    private array $pages = [];

    private readonly NamedPlaces $places;

    /** @var array<string, true> parts in which all places have gone along, by their names in small letters */
    private array $followed = [];

    /** Formulas that give something else than they did in the package as it came. */
    public int $countResults = 0;

    /** @var list<string> the first of them, with their sheets */
    public array $results = [];

    /**
     * @param  Workbook  $workbook  with its sheets under the numbers that they have in the package
     * @param  list<int>|null  $edited  numbers of the sheets in which cells may have been changed; null where nobody knows
     */
    public function __construct(private readonly Book $book, private readonly Workbook $workbook, private readonly ?array $edited = null)
    {
        $renamed = [];
        foreach ($book->sheets as $from) {
            $moves = $workbook->sheets[$from->number]->moves ?? [];
            if ($moves !== []) {
                $this->moved[$from->name] = new Moves($moves, $from->name);
            }
            $name = $workbook->sheets[$from->number]->name ?? $from->name;
            if ($name !== $from->name) {
                $renamed[$from->name] = $name;
            }
        }
        $this->places = new NamedPlaces($this->moved, $renamed);
        $this->parts = new ChangedParts($book->package);
    }

    /**
     * @param  resource  $out
     * @param  (callable(int): void)|null  $progress  told the number of rows done
     */
    public function write($out, ?callable $progress = null): void
    {
        $part = $this->book->styles();
        $styles = new StylesWriting($part === null ? '' : $this->book->package->contents($part), $this->book->colours, $part ?? 'styles');
        $revised = $this->saidInStyles();
        foreach ($revised ?? [] as $format => $look) {
            $styles->revise($format, $look);
        }
        foreach ($revised === null ? $this->book->sheets : [] as $from) {
            $sheet = $this->workbook->sheets[$from->number] ?? null;
            $sheet === null || $this->sheet($from, $sheet, $styles, $progress);
        }
        $ids = $this->addSheets($styles);
        if ($styles->isChanged()) {
            $part === null ? $this->newStyles($styles->xml()) : $this->parts->replace($part, $styles->xml());
        }
        $this->others();
        $list = (new WorkbookPart($this->book, $this->workbook, $this->places, $ids, $this->pages))->xml($this->formulasChanged);
        if ($list !== null) {
            $this->parts->replace($this->book->part, $list);
        }
        $this->withoutStale();
        $zip = new ZipWriter($out);
        $this->parts->write($zip);
        $zip->finish();
    }

    /**
     * What cell formats look like now, where that says all that was touched: where every cell of a look was touched alike,
     * on all sheets, the format itself is changed and no cell has to be.
     *
     * @return array<int, Look>|null by the number of the format; null where cells have to say it
     */
    private function saidInStyles(): ?array
    {
        if ($this->edited !== [] || $this->book->styles() === null) {
            return null;
        }
        $touched = [];
        foreach ($this->book->sheets as $from) {
            $sheet = $this->workbook->sheets[$from->number] ?? null;
            if ($sheet === null || ! AsItCame::isButForTouches($sheet)) {
                return null;
            }
            foreach (Overlay::of($sheet->file, $sheet->hand) as $look => $hands) {
                $touched[$look] = ($touched[$look] ?? []) + $hands;
            }
        }
        // A cell that the package does not have cannot wear a format.
        if (isset($touched[0]) || array_filter($touched, fn (array $hands) => count($hands) > 1) !== []) {
            return null;
        }
        $looks = $this->workbook->looks;
        $revised = [];
        foreach ($this->book->formats->looks() as $format => $look) {
            $hand = array_key_first($touched[$looks->number($look)] ?? []) ?? 0;
            if ($hand > 0 && $looks->look($hand)->is(Attribute::Clip)) {
                return null;
            }
            if ($hand > 0) {
                $revised[$format] = $look->under($looks->look($hand));
            }
        }

        return $revised;
    }

    /** @param  (callable(int): void)|null  $progress */
    private function sheet(BookSheet $from, Worksheet $sheet, StylesWriting $styles, ?callable $progress): void
    {
        $isEdited = $this->edited === null || in_array($from->number, $this->edited, true);
        if (
            ! $isEdited &&
            AsItCame::is($sheet) &&
            ! $this->places->mayName($this->book->package->zip->pieces($this->book->package->entry($from->part)))
        ) {
            return;
        }
        $moves = $this->moves($from, $sheet);
        $pages = Printed::back($this->workbook, $sheet);
        $pages === null || $this->pages[$from->number] = $pages;
        $rewrite = new SheetRewrite(
            $this->book,
            $from,
            $sheet,
            $this->workbook->looks,
            $styles,
            $isEdited,
            $moves,
            $this->places->without($from->name),
            $pages,
        );
        $part = new PackedPart();
        $rewrite->write($part, $progress);
        $this->formulasChanged = $this->formulasChanged || $rewrite->formulasChanged();
        [$count, $places] = $rewrite->results();
        $this->countResults += $count;
        array_push($this->results, ...array_map(fn (string $place) => "$sheet->name!$place", $places));
        $this->moved($from, $moves);
        $sheet->stylebook === null || $this->pivots($from, $sheet->stylebook, $styles);
        if ($rewrite->isChanged) {
            $this->parts->replace($from->part, $part);
        }
    }

    /** All other parts: what they say of places on sheets that moved, and what charts keep of cells. */
    private function others(): void
    {
        $left = array_flip(
            array_map(strtolower(...), [
                ...array_map(fn (BookSheet $sheet) => $sheet->part, $this->book->sheets),
                $this->book->part,
                (string) $this->book->styles(),
            ]),
        );
        $owners = $this->owners();
        $caches = $this->edited === [] ? null : new ChartCaches($this->workbook);
        foreach ($this->book->package->zip->entries as $name => $entry) {
            $name = (string) $name;
            $now = $this->parts->said($name);
            $isChart = $caches !== null && preg_match('~charts/.*\.xml$~', $name) === 1;
            if (
                preg_match('/\.(?:xml|vml|rels)$/i', $name) !== 1 ||
                isset($left[strtolower($name)]) ||
                $this->parts->isDone($name) ||
                $entry->size > self::PART ||
                (! $isChart && $this->places->isEmpty())
            ) {
                continue;
            }
            if (isset($this->followed[strtolower($name)])) {
                continue;
            }
            $own = $owners[strtolower($name)] ?? null;
            $pieces = $now === null ? $this->book->package->zip->pieces($name) : [$now];
            if (! $isChart && $own === null && ! $this->places->mayName($pieces)) {
                continue;
            }
            try {
                $tree = PackageXml::tree($now ?? $this->book->package->contents($name), $name);
            } catch (FileIsWrong) {
                // Shapes of old notes need not be well-formed.
                continue;
            }
            $root = PackageXml::root($tree);
            $changed = $this->places->on($root, $own);
            $changed = $isChart && $caches->renew($root) || $changed;
            if ($changed) {
                $this->parts->replace($name, (string) $tree->saveXML());
            }
        }
    }

    /** @return array<string, Moves> of the sheet that a part belongs to, by its name in small letters */
    private function owners(): array
    {
        $owners = [];
        foreach ($this->book->sheets as $sheet) {
            if (isset($this->moved[$sheet->name])) {
                foreach ($this->book->package->relationships($sheet->part) as $relationship) {
                    $owners[strtolower($relationship->target)] = $this->moved[$sheet->name];
                }
            }
        }

        return $owners;
    }

    /** Rows and columns that were put in or taken out, and the tables that no longer hold because of it. */
    private function moves(BookSheet $from, Worksheet $sheet): Moves
    {
        $moves = new Moves($sheet->moves, $from->name);
        $cut = [];
        foreach ($moves->isEmpty() ? [] : $this->book->package->relationships($from->part) as $relationship) {
            if ($relationship->kind === 'table' && $this->book->package->has($relationship->target)) {
                $table = PackageXml::root(PackageXml::tree($this->book->package->contents($relationship->target), $relationship->target));
                if ($moves->cuts($table->getAttribute('ref'))) {
                    $cut[] = $relationship->id;
                }
            }
        }

        return new Moves($sheet->moves, $from->name, $cut);
    }

    /** The looks of a stylebook in the definitions of the pivot tables of a sheet. */
    private function pivots(BookSheet $from, Stylebook $stylebook, StylesWriting $styles): void
    {
        foreach ($this->book->pivots($from) as $part => $pivot) {
            $xml = $this->parts->said($part) ?? $this->book->package->contents($part);
            $with = (new PivotFormats($pivot, $stylebook, $styles->differential(...)))->on($xml);
            if ($with !== $xml) {
                $this->parts->replace($part, $with);
            }
        }
    }

    /** Parts of a sheet that say where on it they stand. */
    private function moved(BookSheet $from, Moves $moves): void
    {
        foreach ($moves->isEmpty() ? [] : $this->book->package->relationships($from->part) as $relationship) {
            if ($relationship->outside || ! $this->book->package->has($relationship->target)) {
                continue;
            }
            if (in_array($relationship->id, $moves->cut, true)) {
                $this->parts->drop($relationship->target);
                $this->parts->unrelate($from->part, $relationship);

                continue;
            }
            if (in_array($relationship->kind, ['table', 'comments', 'threadedComment', 'pivotTable'], true)) {
                $this->followed[strtolower($relationship->target)] = true;
            }
            match ($relationship->kind) {
                'table', 'comments', 'threadedComment', 'pivotTable' => $this->parts->change(
                    $relationship->target,
                    fn (DOMElement $root) => $moves->on($root),
                ),
                'drawing', 'vmlDrawing' => $this->parts->change($relationship->target, fn (DOMElement $root) => $moves->anchors($root)),
                default => null,
            };
        }
    }

    /** Parts that no longer hold: the order of calculation where formulas changed, a signature where anything did. */
    private function withoutStale(): void
    {
        if ($this->formulasChanged) {
            $this->parts->takeOut($this->book->part, 'calcChain');
        }
        if ($this->parts->isEmpty()) {
            return;
        }
        foreach ($this->book->package->relationships('') as $relationship) {
            if ($relationship->kind === 'origin') {
                foreach ($this->book->package->relationships($relationship->target) as $signature) {
                    $this->parts->drop($signature->target);
                }
                $this->parts->drop(Package::relationshipsOf($relationship->target));
                $this->parts->takeOut('', 'origin');
            }
        }
    }

    /**
     * Sheets that were made here come into the package.
     *
     * @return array<int, string> the words that point at their parts, by their numbers
     */
    private function addSheets(StylesWriting $styles): array
    {
        $namespace = (string) $this->book->root->namespaceURI;
        $relations = str_contains($namespace, 'purl.oclc.org') ? 'http://purl.oclc.org/ooxml/officeDocument/relationships'
            : 'http://schemas.openxmlformats.org/officeDocument/2006/relationships';
        $folder = dirname($this->book->part);
        $folder = $folder === '.' ? '' : "$folder/";
        $ids = [];
        foreach ($this->workbook->sheets as $number => $sheet) {
            if ($this->book->sheet($number) !== null) {
                continue;
            }
            for ($free = $number; $this->book->package->has("{$folder}worksheets/sheet$free.xml"); $free++);
            $file = "worksheets/sheet$free.xml";
            $pages = Printed::of($this->workbook, $sheet);
            $this->pages[$number] = $pages;
            $this->parts->add($folder.$file, AddedSheet::xml($sheet, $this->workbook->looks, $styles, $namespace, $relations,
                $this->book->digit(), $pages));
            $ids[$number] = "rIdRilvetSheet$number";
            $this->parts->declare($folder.$file, 'worksheet+xml', $this->book->part, $ids[$number], "$relations/worksheet", $file);
        }

        return $ids;
    }

    private function newStyles(string $xml): void
    {
        $folder = dirname($this->book->part);
        $folder = $folder === '.' ? '' : "$folder/";
        // Some readers look for the usual name alone.
        $file = $this->book->package->has("{$folder}styles.xml") ? 'rilvet-styles.xml' : 'styles.xml';
        $name = $folder.$file;
        $this->parts->add($name, $xml);
        $strict = str_contains((string) $this->book->root->namespaceURI, 'purl.oclc.org');
        $relation = ($strict ? 'http://purl.oclc.org/ooxml/officeDocument/relationships'
            : 'http://schemas.openxmlformats.org/officeDocument/2006/relationships').'/styles';
        $this->parts->declare($name, 'styles+xml', $this->book->part, 'rIdRilvetStyles', $relation, $file);
    }
}
