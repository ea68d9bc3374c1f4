<?php

declare(strict_types=1);

namespace Rilvet\Ods;

use DOMDocument;
use DOMElement;
use Rilvet\Clamp;
use Rilvet\Entry\EntryChecks;
use Rilvet\Grid\Address;
use Rilvet\Grid\Cell;
use Rilvet\Guard\OrderGuard;
use Rilvet\Guard\Password;
use Rilvet\Intake\Exception\FileIsWrong;
use Rilvet\Package\PackageLimits;
use Rilvet\Package\PackageXml;
use Rilvet\Package\ZipReader;
use Rilvet\Page\PageRules;
use Rilvet\Page\PageSetup;
use RuntimeException;
use XMLReader;

/**
 * A spreadsheet by ISO/IEC 26300 (OpenDocument), read as a stream: tables one after another, rows of each with the names
 * of their cells' styles.
 *
 * @phpstan-import-type Stored from Cell
 */
final class OdsBook
{
    /** Blank cells at the end of a row whose style is kept; more of them are the rest of the sheet. */
    private const BLANKS = 200;

    public readonly ZipReader $zip;

    /** Known once the first table is asked for. */
    /** Ranges with the names of their tables, parted by blanks (9.1.2): $Sheet.A1:$Sheet.C9; names in quotes may hold blanks. */
    private const PRINTED = '/\.\$?([A-Z]{1,3})\$?(\d{1,7})'
        .'(?::(?:\$?(?:\'(?:[^\']|\'\')+\'|[^\' .]+))?\.\$?([A-Z]{1,3})\$?(\d{1,7}))?/';

    public CellStyles $styles;

    /** How its tables go to paper; known once the first table is asked for. */
    public PagesIn $pages;

    /** Dates count from 1904 (9.4.2). */
    public bool $from1904 = false;

    /** @var array<string, string> names and what they refer to, known after the last table */
    public array $names = [];

    private readonly XMLReader $reader;

    private readonly string $copy;

    /** @var list<DOMElement> */
    private array $groups = [];

    private bool $isPassing = false;

    /** @var array<string, DOMElement> checks on entry by their names */
    public array $validations = [];

    /** Whether the order of the tables is protected; known once they are asked for. */
    public OrderGuard $guard;

    /** @param  resource  $stream  seekable */
    public function __construct($stream, PackageLimits $limits = new PackageLimits)
    {
        $this->zip = ZipReader::of($stream, $limits);
        foreach (array_keys($this->zip->entries) as $name) {
            if (preg_match('/\.(?:zip|xlsx|ods|jar|gz|7z|rar)$/i', (string) $name) === 1 && ! str_starts_with((string) $name, 'Object')) {
                throw FileIsWrong::package(
                    "The package holds another archive, \"$name\". Unpack it and bring in the tables that are in it.",
                );
            }
        }
        if (! $this->zip->has('content.xml')) {
            throw FileIsWrong::package('The file is a zip package, but no spreadsheet is in it.');
        }
        if (
            $this->zip->has('META-INF/manifest.xml') &&
            str_contains($this->zip->contents('META-INF/manifest.xml', 4_000_000), 'encryption-data')
        ) {
            throw FileIsWrong::package('The workbook is protected by a password. Save it without one and bring it in again.');
        }
        $this->styles = new CellStyles;
        $this->guard = new OrderGuard;
        $this->copy = (string) tempnam(sys_get_temp_dir(), 'rilvet-ods');
        $this->reader = new XMLReader;
    }

    public function __destruct()
    {
        @unlink($this->copy);
    }

    /** @return array<string, int> what the package holds besides cells, and how many */
    public function holds(): array
    {
        $names = array_map(strval(...), array_keys($this->zip->entries));
        $kinds = [
            'charts and other objects' => '#^Object [^/]*/content\.xml$#',
            'pictures' => '#^Pictures/.+#',
            'macros' => '#^(?:Basic|Scripts)/.+\.(?:xml|bas|py|js)$#',
        ];

        return array_filter(array_map(fn (string $pattern) => count(preg_grep($pattern, $names) ?: []), $kinds));
    }

    /**
     * How the tables open, as the settings say.
     *
     * @return array<string, array{freezeRow: int, freezeColumn: int, gridlines: bool, zoom: int}> by name of the table
     */
    public function views(): array
    {
        if (! $this->zip->has('settings.xml')) {
            return [];
        }
        $views = [];
        $tree = PackageXml::tree($this->zip->contents('settings.xml', 8_000_000), 'settings.xml');
        foreach ($tree->getElementsByTagNameNS(Ns::ALL['config'], 'config-item-map-named') as $map) {
            if ($map->getAttributeNS(Ns::ALL['config'], 'name') !== 'Tables') {
                continue;
            }
            foreach (PackageXml::children($map, 'config-item-map-entry') as $entry) {
                $items = [];
                foreach (PackageXml::children($entry, 'config-item') as $item) {
                    $items[$item->getAttributeNS(Ns::ALL['config'], 'name')] = trim($item->textContent);
                }
                // Mode 2 is frozen; 1 is a split that moves.
                $frozen = fn (string $axis, int $most) => ($items["{$axis}SplitMode"] ?? '') === '2'
                    ? Clamp::of((int) ($items["{$axis}SplitPosition"] ?? 0), 0, $most)
                    : 0;
                $views[$entry->getAttributeNS(Ns::ALL['config'], 'name')] = [
                    'freezeRow' => $frozen('Vertical', 200),
                    'freezeColumn' => $frozen('Horizontal', 50),
                    'gridlines' => ($items['ShowGrid'] ?? 'true') !== 'false',
                    'zoom' => Clamp::of((int) ($items['ZoomValue'] ?? 100) ?: 100, 10, 400),
                ];
            }
        }

        return $views;
    }

    /**
     * The tables in their order; the rows of one are to be taken before the next is asked for.
     *
     * @return iterable<int, OdsTable>
     */
    public function tables(): iterable
    {
        $this->open();
        $previous = libxml_use_internal_errors(true);
        libxml_clear_errors();
        $isSpreadsheet = false;
        try {
            while ($this->next()) {
                if ($this->reader->nodeType !== XMLReader::ELEMENT) {
                    continue;
                }
                switch ($this->reader->localName) {
                    case 'automatic-styles':
                    case 'font-face-decls':
                        $this->groups[] = $this->expanded();
                        break;
                    case 'spreadsheet':
                        $isSpreadsheet = true;
                        $this->styles = $this->allStyles();
                        $this->guard = new OrderGuard($this->attribute('structure-protected', Ns::TABLE) === 'true', $this->password());
                        break;
                    case 'content-validation':
                        $element = count($this->validations) > EntryChecks::MOST ? null : $this->expanded();
                        if ($element !== null) {
                            $this->validations[$element->getAttributeNS(Ns::TABLE, 'name')] = $element;
                        }
                        break;
                    case 'null-date':
                        $this->from1904 = str_starts_with((string) $this->reader->getAttributeNs('date-value', Ns::TABLE), '1904');
                        break;
                    case 'named-range':
                    case 'named-expression':
                        $this->name();
                        break;
                    case 'table':
                        if ($isSpreadsheet && $this->reader->namespaceURI === Ns::TABLE) {
                            $table = new OdsTable(
                                $this,
                                (string) $this->attribute('name', Ns::TABLE),
                                (string) $this->attribute('style-name', Ns::TABLE),
                                $this->attribute('protected', Ns::TABLE) === 'true',
                                $this->reader->isEmptyElement,
                                $this->password(),
                                (string) $this->attribute('print-ranges', Ns::TABLE),
                            );
                            yield $table;
                            $table->finish();
                        }
                }
            }
            $this->wellFormed();
        } finally {
            libxml_clear_errors();
            libxml_use_internal_errors($previous);
            $this->reader->close();
        }
        if (! $isSpreadsheet) {
            throw FileIsWrong::package('The file is a zip package, but no spreadsheet is in it.');
        }
    }

    /** How a table goes to paper, as it says itself; known when its rows were taken. */
    public function paged(OdsTable $table): PageSetup
    {
        $areas = [];
        preg_match_all(self::PRINTED, $table->prints, $found, PREG_SET_ORDER);
        foreach (array_slice($found, 0, 100) as $one) {
            $areas[] = $one[1].$one[2].(isset($one[3], $one[4]) ? ":$one[3]$one[4]" : '');
        }
        $area = PageRules::ofFile($areas === [] ? [] : ['area' => implode(',', $areas)]);
        $came = PageRules::ofFile($table->marks->titles)->over($area)->over($this->pages->of($this->styles->master($table->style)));

        return new PageSetup($came, PageRules::none(), $table->marks->rows, $table->marks->columns, isOfFile: true);
    }

    /** The key that the element at hand is protected by (19.697, 19.698). */
    private function password(): ?Password
    {
        $key = (string) $this->attribute('protection-key', Ns::TABLE);
        $algorithm = $this->attribute('protection-key-digest-algorithm', Ns::TABLE) ?? array_key_first(Password::ODS);

        return $key === '' ? null : new Password(Password::ODS[$algorithm] ?? $algorithm, $key);
    }

    /**
     * Goes on to the next node of the content.
     *
     * @phpstan-impure
     */
    public function next(): bool
    {
        $reader = $this->reader;
        $isThere = $this->isPassing ? $reader->next() : $reader->read();
        $this->isPassing = false;
        if (! $isThere) {
            $this->wellFormed();

            return false;
        }
        $type = $reader->nodeType;
        if (
            $type === XMLReader::ELEMENT
                ? $reader->depth > 200
                : $type === XMLReader::DOC_TYPE || $type === XMLReader::ENTITY_REF || $type === XMLReader::ENTITY
        ) {
            throw FileIsWrong::package(
                $type === XMLReader::ELEMENT
                    ? '"content.xml" in the package is nested too deeply to be a spreadsheet.'
                    : '"content.xml" in the package declares a document type or entities, which spreadsheets never need. It is not read.',
            );
        }

        return true;
    }

    /** Whether the element at hand holds nothing. */
    public function isEmpty(): bool
    {
        return $this->reader->isEmptyElement;
    }

    /** Passes by what is in the element at hand: what comes next is what follows it. */
    public function pass(): void
    {
        $this->isPassing = true;
    }

    public function reader(): XMLReader
    {
        return $this->reader;
    }

    public function attribute(string $name, string $namespace): ?string
    {
        return $this->reader->getAttributeNs($name, $namespace);
    }

    /**
     * All attributes of the element at hand that are of tables or of the office, by their names without prefix.
     *
     * @return array<string, string>
     */
    public function attributes(): array
    {
        $reader = $this->reader;
        $found = [];
        while ($reader->moveToNextAttribute()) {
            $namespace = $reader->namespaceURI;
            if ($namespace === Ns::TABLE || $namespace === Ns::OFFICE) {
                $found[$reader->localName] = $reader->value;
            }
        }
        $reader->moveToElement();

        return $found;
    }

    /** How often a row or cell stands there (9.1.3, 9.1.4), as far as a sheet reaches. */
    public function repeated(string $name): int
    {
        return min(max(1, (int) $this->attribute($name, Ns::TABLE)), Address::ROWS + 1);
    }

    public static function blanks(): int
    {
        return self::BLANKS;
    }

    private function open(): void
    {
        $file = fopen($this->copy, 'wb') ?: throw new RuntimeException('No temporary file can be made.');
        foreach ($this->zip->pieces('content.xml') as $piece) {
            fwrite($file, $piece);
        }
        fclose($file);
        if (! $this->reader->open($this->copy, null, LIBXML_NONET | LIBXML_COMPACT | LIBXML_PARSEHUGE)) {
            throw FileIsWrong::package('"content.xml" in the package cannot be read.');
        }
    }

    private function wellFormed(): void
    {
        $error = libxml_get_last_error();
        if ($error !== false && $error->level >= LIBXML_ERR_ERROR) {
            throw FileIsWrong::package(
                "\"content.xml\" in the package is no well-formed xml (line {$error->line}). The file may be cut off or damaged.",
            );
        }
    }

    private function expanded(): DOMElement
    {
        $tree = new DOMDocument;
        $node = @$this->reader->expand($tree);
        if (! $node instanceof DOMElement) {
            $this->wellFormed();
            throw FileIsWrong::package('"content.xml" in the package has styles that cannot be read.');
        }
        $tree->appendChild($node);

        return $node;
    }

    private function allStyles(): CellStyles
    {
        $groups = [];
        $root = null;
        if ($this->zip->has('styles.xml')) {
            $root = PackageXml::root(PackageXml::tree($this->zip->contents('styles.xml'), 'styles.xml'));
            foreach ($root->childNodes as $group) {
                if ($group instanceof DOMElement && in_array($group->localName, ['styles', 'font-face-decls'], true)) {
                    $groups[] = $group;
                }
            }
        }

        $this->pages = new PagesIn($root);

        return new CellStyles(...$groups, ...$this->groups);
    }

    private function name(): void
    {
        $name = (string) $this->attribute('name', Ns::TABLE);
        $range = $this->attribute('cell-range-address', Ns::TABLE);
        $refers = $range !== null ? OpenFormula::reference($range) : OpenFormula::plain((string) $this->attribute('expression', Ns::TABLE));
        if ($name !== '' && $refers !== null) {
            $this->names[$name] = $refers;
        }
    }
}
