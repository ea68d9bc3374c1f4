<?php

declare(strict_types=1);

namespace App\Files;

use Rilvet\Grid\Address;
use Rilvet\Intake\Exception\FileIsWrong;
use Rilvet\Intake\Tokeniser;
use XMLReader;
use ZipArchive;

/**
 * Looks at a ods package before anything reads it: entries, expanded size and ratio, paths, document types and entities,
 * rows and columns beyond a worksheet, cells too long, passwords. What fails here never reaches a parser.
 */
final class PackageGuard
{
    private int $cells = 0;

    /** Rows of the ods table before the one at hand, and how many that one stands for. */
    private int $row = 0;

    private int $rows = 0;

    private int $column = 0;

    private function __construct(private readonly ZipArchive $zip, private readonly string $path, private readonly Limits $limits)
    {
    }

    /**
     * @return list<string> what the package holds that a hand-over cannot carry yet
     *
     * @throws FileIsWrong
     */
    public static function check(string $path, Limits $limits): array
    {
        $zip = new ZipArchive;
        if ($zip->open($path, ZipArchive::RDONLY) !== true) {
            throw FileIsWrong::package('The file is a zip package that is cut off or damaged: its list of contents cannot be read. Fetch or save it again.');
        }
        try {
            $guard = new self($zip, $path, $limits);
            $names = $guard->entries();
            $guard->structure($names);
            foreach ($names as $name) {
                if (preg_match('/\.(?:xml|rels)$/i', $name) === 1) {
                    $guard->xml($name);
                }
            }

            return self::left($names);
        } finally {
            $zip->close();
        }
    }

    /** @return list<string> */
    private function entries(): array
    {
        $limits = $this->limits;
        if ($this->zip->numFiles > $limits->entries) {
            throw FileIsWrong::package(sprintf('The package has %s entries; at most %s are read.', number_format($this->zip->numFiles), number_format($limits->entries)));
        }
        $names = [];
        $expanded = 0;
        for ($index = 0; $index < $this->zip->numFiles; $index++) {
            $entry = $this->zip->statIndex($index);
            if ($entry === false) {
                throw FileIsWrong::package('The package is damaged: an entry of its list cannot be read.');
            }
            $name = $entry['name'];
            if (str_contains($name, '..') || str_starts_with($name, '/') || str_contains($name, '\\') || str_contains($name, "\0")) {
                throw FileIsWrong::package('The package holds an entry with a path that leaves it. It is not read.');
            }
            if (isset($names[strtolower($name)])) {
                throw FileIsWrong::package("The package holds \"$name\" twice, so it is not clear which one counts.");
            }
            $names[strtolower($name)] = $name;
            $expanded += $entry['size'];
            if ($entry['size'] > 1_000_000 && $entry['size'] > $limits->ratio * max(1, $entry['comp_size'])) {
                throw FileIsWrong::package("\"$name\" in the package expands more than {$limits->ratio}-fold, as zip bombs do. It is not read.");
            }
            if ($entry['encryption_method'] !== 0) {
                throw FileIsWrong::package('The package is protected by a password. Save it without one and bring it in again.');
            }
            if (preg_match('/\.(?:zip|xlsx|ods|jar|gz|7z|rar)$/i', $name) === 1 && ! str_contains($name, 'embeddings/') && ! str_starts_with($name, 'Object')) {
                throw FileIsWrong::package("The package holds another archive, \"$name\". Unpack it and bring in the tables that are in it.");
            }
        }
        if ($expanded > $limits->expanded) {
            throw FileIsWrong::package(sprintf('The package expands to %s MB; at most %s MB are read.', number_format($expanded / 1048576), number_format($limits->expanded / 1048576)));
        }

        return array_values($names);
    }

    /** @param  list<string>  $names */
    private function structure(array $names): void
    {
        if (! in_array('content.xml', $names, true)) {
            throw FileIsWrong::package('The file is a zip package, but no spreadsheet is in it.');
        }
        $manifest = (string) $this->zip->getFromName('META-INF/manifest.xml', 1_000_000);
        if (str_contains($manifest, 'encryption-data')) {
            throw FileIsWrong::package('The workbook is protected by a password. Save it without one and bring it in again.');
        }
    }

    private function xml(string $name): void
    {
        $head = (string) $this->zip->getFromName($name, 4096);
        if (str_starts_with($head, "\xFF\xFE") || str_starts_with($head, "\xFE\xFF")) {
            $head = (string) mb_convert_encoding($head, 'UTF-8', 'UTF-16');
        }
        if (preg_match('/<!(?:DOCTYPE|ENTITY)/i', $head) === 1) {
            throw FileIsWrong::package("\"$name\" in the package declares a document type or entities, which spreadsheets never need. It is not read.");
        }
        $isSheet = $name === 'content.xml';
        $previous = libxml_use_internal_errors(true);
        $reader = new XMLReader;
        if (! $reader->open('zip://'.$this->path.'#'.$name, null, LIBXML_NONET | LIBXML_COMPACT | ($isSheet ? LIBXML_PARSEHUGE : 0))) {
            throw FileIsWrong::package("\"$name\" in the package cannot be read.");
        }
        try {
            while ($reader->read()) {
                if ($reader->nodeType === XMLReader::DOC_TYPE || $reader->nodeType === XMLReader::ENTITY_REF) {
                    throw FileIsWrong::package("\"$name\" in the package declares a document type or entities. It is not read.");
                }
                if ($reader->depth > 200) {
                    throw FileIsWrong::package("\"$name\" in the package is nested too deeply to be a spreadsheet.");
                }
                if ($reader->nodeType === XMLReader::ELEMENT && $isSheet) {
                    $this->odsElement($reader);
                } elseif ($reader->nodeType === XMLReader::TEXT && strlen($reader->value) > 4 * Tokeniser::CELL && mb_strlen($reader->value) > Tokeniser::CELL) {
                    throw FileIsWrong::package(sprintf('A cell or text in "%s" holds %s characters; a cell takes at most %s.', $name, number_format(mb_strlen($reader->value)), number_format(Tokeniser::CELL)));
                }
            }
            $error = libxml_get_last_error();
            if ($error !== false && $error->level >= LIBXML_ERR_ERROR) {
                throw FileIsWrong::package("\"$name\" in the package is no well-formed xml (line {$error->line}). The file may be cut off or damaged.");
            }
        } finally {
            $reader->close();
            libxml_clear_errors();
            libxml_use_internal_errors($previous);
        }
    }

    /** Rows and cells of an ods stand for as many as they say (ISO/IEC 26300-1 19.673, 19.675, from memory); blank ones are often the rest of the sheet. */
    private function odsElement(XMLReader $reader): void
    {
        $repeat = fn (string $attribute) => min(max(1, (int) $reader->getAttribute($attribute)), Address::ROWS + 1);
        switch ($reader->localName) {
            case 'table':
                [$this->row, $this->rows] = [0, 0];
                break;
            case 'table-row':
                $this->row += $this->rows;
                $this->rows = $repeat('table:number-rows-repeated');
                $this->column = 0;
                break;
            case 'covered-table-cell':
            case 'table-cell':
                $this->column += $repeat('table:number-columns-repeated');
                if ($reader->getAttribute('office:value-type') === null) {
                    break;
                }
                if ($this->column > Address::COLUMNS) {
                    throw FileIsWrong::package('Row '.number_format($this->row + 1).' has more than 16,384 columns, and a worksheet holds no more.');
                }
                if ($this->row + $this->rows > Address::ROWS) {
                    throw FileIsWrong::package('A table has a filled row '.number_format($this->row + $this->rows).'; a worksheet ends at row 1,048,576.');
                }
                $this->count($repeat('table:number-columns-repeated') * $this->rows);
        }
    }

    private function count(int $cells): void
    {
        $this->cells += $cells;
        if ($this->cells > $this->limits->packageCells) {
            throw FileIsWrong::package(sprintf('The workbook has more than %s cells, the limit set here for ods. Split it, or bring the table in as csv.', number_format($this->limits->packageCells)));
        }
    }

    /**
     * @param  list<string>  $names
     * @return list<string>
     */
    private static function left(array $names): array
    {
        $kinds = ['charts and other objects' => '#^Object [^/]*/content\.xml$#', 'pictures' => '#^Pictures/#', 'macros' => '#^(?:Basic|Scripts)/.+#'];
        $left = [];
        foreach ($kinds as $what => $pattern) {
            $count = count(preg_grep($pattern, $names) ?: []);
            if ($count > 0) {
                $left[] = "$what ($count)";
            }
        }

        return $left === [] ? [] : ['The file holds '.implode(', ', $left).', which a hand-over does not carry. The file you brought in stays as it is.'];
    }
}
