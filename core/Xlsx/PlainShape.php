<?php

declare(strict_types=1);

namespace Rilvet\Xlsx;

use Rilvet\Intake\Exception\FileIsWrong;
use Rilvet\Package\Package;
use RuntimeException;
use XMLReader;

/**
 * Writes xml of any legal shape as it is commonly written, with the same content: UTF-8, the main namespace without a
 * prefix, double quotes, no comments, CDATA or processing instructions, and a place at every row and cell.
 */
final class PlainShape
{
    private const MAIN = ['http://schemas.openxmlformats.org/spreadsheetml/2006/main', 'http://purl.oclc.org/ooxml/spreadsheetml/main'];

    private int $row = 0;

    private int $column = 0;

    /** @param  resource  $out */
    private function __construct(private readonly XMLReader $reader, private $out, private readonly string $part)
    {
    }

    /** @return resource at its beginning; gone when it is closed */
    public static function of(Package $package, string $part)
    {
        $copy = tempnam(sys_get_temp_dir(), 'rilvet-part');
        $out = tmpfile();
        if ($copy === false || $out === false) {
            throw new RuntimeException('No temporary file can be made.');
        }
        $previous = libxml_use_internal_errors(true);
        libxml_clear_errors();
        try {
            $file = fopen($copy, 'wb');
            assert($file !== false);
            foreach ($package->zip->pieces($package->entry($part)) as $piece) {
                fwrite($file, $piece);
            }
            fclose($file);
            $reader = new XMLReader;
            if (! $reader->open($copy, null, LIBXML_NONET | LIBXML_COMPACT | LIBXML_PARSEHUGE)) {
                throw FileIsWrong::package("\"$part\" in the package cannot be read.");
            }
            (new self($reader, $out, $part))->run();
            $reader->close();
        } finally {
            @unlink($copy);
            libxml_clear_errors();
            libxml_use_internal_errors($previous);
        }
        rewind($out);

        return $out;
    }

    private function run(): void
    {
        $buffer = '<?xml version="1.0" encoding="UTF-8" standalone="yes"?>'."\n";
        while (@$this->reader->read()) {
            $buffer .= match ($this->reader->nodeType) {
                XMLReader::DOC_TYPE, XMLReader::ENTITY_REF, XMLReader::ENTITY => throw FileIsWrong::package(
                    "\"{$this->part}\" in the package declares a document type or entities, which spreadsheets never need. It is not read.",
                ),
                XMLReader::ELEMENT => $this->element(),
                XMLReader::END_ELEMENT => '</'.$this->name().'>',
                XMLReader::TEXT, XMLReader::CDATA, XMLReader::SIGNIFICANT_WHITESPACE, XMLReader::WHITESPACE => $this->reader->depth === 0
                    ? ''
                    : self::escaped($this->reader->value),
                default => '',
            };
            if ($this->reader->depth > 200) {
                throw FileIsWrong::package("\"{$this->part}\" in the package is nested too deeply to be a spreadsheet.");
            }
            if (strlen($buffer) > 262_144) {
                fwrite($this->out, $buffer);
                $buffer = '';
            }
        }
        $error = libxml_get_last_error();
        if ($error !== false && $error->level >= LIBXML_ERR_ERROR) {
            throw FileIsWrong::package(
                "\"{$this->part}\" in the package is no well-formed xml (line {$error->line}). The file may be cut off or damaged.",
            );
        }
        fwrite($this->out, $buffer);
    }

    private function element(): string
    {
        $reader = $this->reader;
        $empty = $reader->isEmptyElement;
        $isMain = in_array($reader->namespaceURI, self::MAIN, true);
        $name = $this->name();
        $local = $reader->localName;
        $attributes = [];
        while ($reader->moveToNextAttribute()) {
            $attributes[$reader->name] = $reader->value;
        }
        $reader->moveToElement();
        if ($reader->depth === 0 && $isMain) {
            $attributes = ['xmlns' => $reader->namespaceURI] + $attributes;
        } elseif ($reader->prefix === '' && ! $isMain) {
            // A foreign element without a prefix says its namespace itself, and what is in it says its own.
            $attributes = ['xmlns' => $reader->namespaceURI] + $attributes;
        }
        if ($isMain && $local === 'row') {
            $this->row = isset($attributes['r']) ? (int) $attributes['r'] : $this->row + 1;
            $attributes = ['r' => (string) $this->row] + $attributes;
            $this->column = 0;
        } elseif ($isMain && $local === 'c') {
            $address = $attributes['r'] ?? Place::address($this->row, $this->column + 1);
            $this->column = Place::column($address);
            $attributes = ['r' => $address] + $attributes;
        }
        $written = '';
        foreach ($attributes as $attribute => $value) {
            $written .=
                " $attribute=\"".strtr(self::escaped($value), ['"' => '&quot;', "\n" => '&#10;', "\t" => '&#9;', "\r" => '&#13;']).'"';
        }

        return "<$name$written".($empty ? '/>' : '>');
    }

    private function name(): string
    {
        return in_array($this->reader->namespaceURI, self::MAIN, true) ? $this->reader->localName : $this->reader->name;
    }

    private static function escaped(string $text): string
    {
        return strtr($text, ['&' => '&amp;', '<' => '&lt;', '>' => '&gt;', "\r" => '&#13;']);
    }
}
