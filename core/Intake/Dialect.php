<?php

declare(strict_types=1);

namespace Rilvet\Intake;

use Rilvet\Intake\Exception\FileIsWrong;

/** How a delimited text is written: encoding, delimiter, quote sign. Found by itself, and open to change. */
final readonly class Dialect
{
    public const DELIMITERS = [',', ';', "\t", '|', ':'];

    private const SAMPLE = 65_536;

    public function __construct(
        public Encoding $encoding,
        public string $delimiter = ',',
        public string $quote = '"',
    ) {
    }

    /**
     * Tries each delimiter and quote sign on the head of the file; the one that gives the most even rows wins.
     *
     * @param  resource  $stream
     *
     * @throws FileIsWrong
     */
    public static function detect($stream): self
    {
        $encoding = Encoding::detect($stream);
        [$whole] = $encoding->split((string) fread($stream, self::SAMPLE));
        rewind($stream);
        $text = (string) $encoding->decode($whole);
        // The last line of the sample may be cut anywhere, so it says nothing.
        $cut = strlen($whole) + 4 >= self::SAMPLE ? strrpos($text, "\n") : false;
        $text = $cut === false ? $text : substr($text, 0, $cut + 1);

        $best = new self($encoding);
        $bestScore = 0.0;
        foreach (['"', "'"] as $quote) {
            foreach (self::DELIMITERS as $delimiter) {
                $score = self::score($text, $delimiter, $quote);
                if ($score > $bestScore) {
                    $bestScore = $score;
                    $best = new self($encoding, $delimiter, $quote);
                }
            }
        }

        return $best;
    }

    public function with(?Encoding $encoding, ?string $delimiter, ?string $quote): self
    {
        return new self($encoding ?? $this->encoding, $delimiter ?? $this->delimiter, $quote ?? $this->quote);
    }

    /** Share of the rows that have the commonest number of fields, weighted by that number. */
    private static function score(string $text, string $delimiter, string $quote): float
    {
        if (! str_contains($text, $delimiter)) {
            return 0.0;
        }
        $quoted = self::quoted($text, $delimiter, $quote);
        // Without the quote sign that a file uses, the delimiters inside of its fields look like more fields.
        if ($quote !== '"' && $quoted <= self::quoted($text, $delimiter, '"')) {
            return 0.0;
        }
        $counts = [];
        try {
            foreach (Tokeniser::ofText($text, $delimiter, $quote)->rows() as $number => $fields) {
                if ($number > 400) {
                    break;
                }
                if ($fields === ['']) {
                    continue;
                }
                $counts[] = count($fields);
            }
        } catch (FileIsWrong) {
            // The sample may end inside a quoted field; the rows before it tell enough.
        }
        if ($counts === []) {
            return 0.0;
        }
        $tally = array_count_values($counts);
        arsort($tally);
        $mode = (int) array_key_first($tally);
        $even = $tally[$mode] / count($counts);
        $common = [',' => 1.0, ';' => 1.0, "\t" => 1.1, '|' => 0.95, ':' => 0.3][$delimiter] ?? 0.5;
        // Ragged rows are common where a title stands above the table: rows with the greatest count tell most.
        $wide = max($counts);
        $mode = $mode === 1 && ($tally[$wide] ?? 0) > 1 ? $wide : $mode;

        return $mode < 2 ? 0.0
            : $common * $even * (1 + log($mode)) * ($quote === '"' ? 1.0 : 0.9)
                * ($quoted > 0 ? 1.05 : 1.0);
    }

    /** Fields that begin and end with a quote sign. */
    private static function quoted(string $text, string $delimiter, string $quote): int
    {
        $parts = preg_quote($delimiter, '/');

        return (int) preg_match_all("/(?:^|$parts)$quote(?:[^$quote]|$quote$quote)*+$quote(?=$parts|\\r?$)/m", $text);
    }
}
