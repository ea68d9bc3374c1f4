<?php

declare(strict_types=1);

namespace Rilvet\Intake;

use Rilvet\Grid\Address;
use Rilvet\Intake\Exception\FileIsWrong;

/**
 * Splits delimited text into rows of fields by RFC 4180, section 2, reading the stream in chunks.
 *
 * Beyond the RFC: any delimiter and quote sign; line breaks LF, CRLF or CR; a quote sign inside an unquoted field is
 * an ordinary character; rows may be ragged. A line without any quote sign is split directly, which is most lines.
 */
final class Tokeniser
{
    /** Common practice of worksheets: a cell takes 32,767 characters. */
    public const CELL = 32_767;

    private const CHUNK = 1 << 18;

    private string $buffer = '';

    private string $tail = '';

    private int $line = 0;

    private int $offset = 0;

    private bool $started = false;

    private ?string $break = null;

    /** @param  resource  $stream */
    private function __construct(private $stream, private readonly Dialect $dialect)
    {
    }

    /** @param  resource  $stream at its start */
    public static function ofStream($stream, Dialect $dialect): self
    {
        return new self($stream, $dialect);
    }

    public static function ofText(string $text, string $delimiter = ',', string $quote = '"'): self
    {
        $stream = fopen('php://memory', 'r+b');
        assert($stream !== false);
        fwrite($stream, $text);
        rewind($stream);

        return new self($stream, new Dialect(Encoding::Utf8, $delimiter, $quote));
    }

    /**
     * The rows in order, keyed from 1. An empty line is one empty field; blank lines at the end are kept.
     *
     * @return iterable<int, list<string>>
     *
     * @throws FileIsWrong for bytes that are not in the encoding, an open quote, a cell, row or column beyond the limits
     */
    public function rows(): iterable
    {
        $row = 0;
        $quote = $this->dialect->quote;
        $delimiter = $this->dialect->delimiter;
        assert($delimiter !== '');
        while (($line = $this->nextLine()) !== null) {
            if (++$row > Address::ROWS) {
                throw FileIsWrong::tooManyRows();
            }
            $fields = str_contains($line, $quote) ? $this->quoted($line) : explode($delimiter, $line);
            if (count($fields) > Address::COLUMNS) {
                throw FileIsWrong::tooManyColumns($row, count($fields));
            }
            if (strlen($line) > self::CELL) {
                self::checkLengths($fields, $row);
            }
            yield $row => $fields;
        }
    }

    /** @return list<string> */
    private function quoted(string $line): array
    {
        $quote = $this->dialect->quote;
        $delimiter = $this->dialect->delimiter;
        $fields = [];
        $at = 0;
        while (true) {
            if (($line[$at] ?? '') !== $quote) {
                $end = strpos($line, $delimiter, $at);
                $fields[] = $end === false ? substr($line, $at) : substr($line, $at, $end - $at);
            } else {
                [$field, $end, $line] = $this->quotedField($line, $at + 1);
                $fields[] = $field;
            }
            if ($end === false) {
                return $fields;
            }
            $at = $end + strlen($delimiter);
        }
    }

    /**
     * @return array{string, int|false, string} the field, where its delimiter stands (false at the end), and the line,
     *                                          which grows while the field holds line breaks
     */
    private function quotedField(string $line, int $at): array
    {
        $quote = $this->dialect->quote;
        $delimiter = $this->dialect->delimiter;
        $opened = $this->line;
        $parts = '';
        while (true) {
            $close = strpos($line, $quote, $at);
            if ($close === false) {
                $more = $this->nextLine();
                if ($more === null || strlen($line) > 64 * self::CELL) {
                    throw FileIsWrong::openQuote($opened);
                }
                $parts .= substr($line, $at)."\n";
                $line = $more;
                $at = 0;

                continue;
            }
            $parts .= substr($line, $at, $close - $at);
            if (strlen($parts) > 64 * self::CELL) {
                throw FileIsWrong::openQuote($opened);
            }
            if (($line[$close + 1] ?? '') === $quote) {
                $parts .= $quote;
                $at = $close + 2;

                continue;
            }
            // Text between the closing quote and the delimiter is kept: it is wrong by the RFC, and seen in real files.
            $end = strpos($line, $delimiter, $close + 1);
            $parts .= $end === false ? substr($line, $close + 1) : substr($line, $close + 1, $end - $close - 1);

            return [$parts, $end, $line];
        }
    }

    private function nextLine(): ?string
    {
        while (true) {
            $this->break ??= $this->findBreak();
            $end = strpos($this->buffer, $this->break ?? "\n", $this->offset);
            if ($end !== false) {
                $line = substr($this->buffer, $this->offset, $end - $this->offset);
                $this->offset = $end + 1;
                $this->line++;

                return str_ends_with($line, "\r") ? substr($line, 0, -1) : $line;
            }
            if (! $this->fill()) {
                $line = substr($this->buffer, $this->offset);
                $this->buffer = '';
                $this->offset = 0;
                if ($line === '') {
                    return null;
                }
                $this->line++;

                return str_ends_with($line, "\r") ? substr($line, 0, -1) : $line;
            }
        }
    }

    /** CR alone ends lines only where the text has no LF at all near its start. */
    private function findBreak(): ?string
    {
        if ($this->buffer === '') {
            return null;
        }

        return ! str_contains($this->buffer, "\n") && preg_match('/\r(?!$)/', $this->buffer) === 1 ? "\r" : "\n";
    }

    private function fill(): bool
    {
        $bytes = fread($this->stream, self::CHUNK);
        if ($bytes === false || $bytes === '') {
            if ($this->tail !== '') {
                throw FileIsWrong::badEncoding($this->dialect->encoding->value, $this->line + 1);
            }

            return false;
        }
        [$whole, $this->tail] = $this->dialect->encoding->split($this->tail.$bytes);
        $mark = $this->dialect->encoding->mark();
        if (! $this->started && $mark !== '' && str_starts_with($whole, $mark)) {
            $whole = substr($whole, strlen($mark));
        }
        $this->started = true;
        $text = $this->dialect->encoding->decode($whole);
        if ($text === null) {
            throw FileIsWrong::badEncoding($this->dialect->encoding->value, $this->badLine($whole));
        }
        $rest = substr($this->buffer, $this->offset);
        if (strlen($rest) > 64 * self::CELL && ! str_contains($text, $this->break ?? "\n")) {
            throw FileIsWrong::cellTooLong($this->line + 1, 1, strlen($rest), self::CELL);
        }
        $this->buffer = $rest.$text;
        $this->offset = 0;

        return true;
    }

    private function badLine(string $bytes): int
    {
        $line = $this->line + substr_count(substr($this->buffer, $this->offset), "\n") + 1;
        foreach (explode("\n", $bytes) as $i => $part) {
            if ($this->dialect->encoding->decode($part) === null) {
                return $line + $i;
            }
        }

        return $line;
    }

    /** @param  list<string>  $fields */
    private static function checkLengths(array $fields, int $row): void
    {
        foreach ($fields as $index => $field) {
            if (strlen($field) > self::CELL && mb_strlen($field) > self::CELL) {
                throw FileIsWrong::cellTooLong($row, $index + 1, mb_strlen($field), self::CELL);
            }
        }
    }
}
