<?php

declare(strict_types=1);

namespace Rilvet\Xlsx;

use Rilvet\Grid\Address;
use Rilvet\Intake\Exception\FileIsWrong;
use Rilvet\Package\Package;

/**
 * A worksheet part (ISO/IEC 29500-1 18.3.1.99) in three pieces: what stands before its rows, the rows one by one,
 * and what follows them. Xml that is not in the common shape is brought into it on the way.
 */
final class SheetStream
{
    /** Up to "<sheetData>", its tag included. */
    public string $head = '';

    /** From "</sheetData>" on. */
    public string $tail = '';

    /** Bytes that may stand before, after or between the ends of rows. */
    private const MOST = 33_554_432;

    /** The number of the last row that was handed out. */
    private int $row = 0;

    public function __construct(private readonly Package $package, private readonly string $part)
    {
    }

    /**
     * Attributes of each row and the xml of its cells, by row number; head is known from the first row on, tail after the last.
     *
     * @return iterable<int, array{string, string}>
     *
     * @throws FileIsWrong
     */
    public function rows(): iterable
    {
        try {
            yield from $this->common($this->package->zip->pieces($this->package->entry($this->part)), 0);

            return;
        } catch (OddShape) {
            $plain = PlainShape::of($this->package, $this->part);
        }
        try {
            yield from $this->common(SharedStrings::chunks($plain), $this->row);
        } catch (OddShape) {
            throw FileIsWrong::package("\"{$this->part}\" in the package is no worksheet as the format wants it. The file is damaged.");
        } finally {
            fclose($plain);
        }
    }

    /**
     * @param  iterable<string>  $pieces
     * @param  int  $done  rows up to this one were handed out before
     * @return iterable<int, array{string, string}>
     */
    private function common(iterable $pieces, int $done): iterable
    {
        $buffer = '';
        $inside = null;
        $near = false;
        foreach ($pieces as $piece) {
            // Only what is new is looked through, so that a row of many megabytes is not gone through at each piece again.
            $seen = max(0, strlen($buffer) - 16);
            $buffer .= $piece;
            if (strlen($buffer) > self::MOST) {
                throw FileIsWrong::package(
                    "\"{$this->part}\" in the package has a part of more than 32 MB without the end of a row. It is not read.",
                );
            }
            $near = $near || strpos($buffer, '<sheetData', $seen) !== false;
            if ($inside === null && $near) {
                $inside = $this->begin($buffer);
                $seen = 0;
            }
            if ($inside !== true) {
                continue;
            }
            $end = strpos($buffer, '</sheetData>', min($seen, strlen($buffer)));
            $last = $end === false ? strrpos($buffer, '</row>', min($seen, strlen($buffer))) : false;
            $cut = $end === false ? $last : $end - 6;
            if ($cut !== false && $cut >= 0) {
                $rows = substr($buffer, 0, $cut + 6);
                $buffer = substr($buffer, $cut + 6);
                yield from $this->split($rows, $done);
            }
            $inside = $end === false;
        }
        if ($inside !== false) {
            throw new OddShape;
        }
        $this->tail = $buffer;
    }

    /** @return bool|null whether rows follow; null where more has to be read to tell */
    private function begin(string &$buffer): ?bool
    {
        if (preg_match('~<sheetData\s*(/?)>~', $buffer, $found, PREG_OFFSET_CAPTURE) !== 1) {
            return null;
        }
        $length = $found[0][1] + strlen($found[0][0]);
        $head = substr($buffer, 0, $length);
        if (
            preg_match(
                '~^(?:\xEF\xBB\xBF)?(?:<\?xml(?:(?!encoding)[^>])*(?:encoding="(?i:utf-8)"[^>]*)?\?>)?\s*<worksheet\s(?=[^>'
                .']*xmlns="http://(?:schemas\.openxmlformats\.org/spreadsheetml/2006|purl\.oclc\.org/ooxml/spreadsheetml)/main")~',
                $head,
            ) !== 1 ||
            str_contains($head, '<!') ||
            substr_count($head, '<?') > 1
        ) {
            throw new OddShape();
        }
        if ($found[1][0] === '/') {
            $this->head = substr($head, 0, $found[0][1]).'<sheetData>';
            $buffer = '</sheetData>'.substr($buffer, $length);

            return false;
        }
        $this->head = $head;
        $buffer = substr($buffer, $length);

        return true;
    }

    /**
     * The rows of a piece that were not handed out before.
     *
     * @return iterable<int, array{string, string}>
     */
    private function split(string $rows, int $done): iterable
    {
        if (str_contains($rows, '<!') || str_contains($rows, '<?')) {
            throw new OddShape;
        }
        if (! mb_check_encoding($rows, 'UTF-8')) {
            throw FileIsWrong::package("\"{$this->part}\" in the package holds bytes that are no text in UTF-8. The file is damaged.");
        }
        $length = strlen($rows);
        for ($at = 0; ($at += strspn($rows, " \t\r\n", $at)) < $length; $at = $next) {
            if (
                preg_match('~\G<row(?=[\s/>])((?:\s+[\w:.-]+="[^"<]*+")*)\s*(/?)>~', $rows, $found, 0, $at) !== 1 ||
                preg_match('~\sr="(\d{1,8})"~', $found[1], $place) !== 1
            ) {
                throw new OddShape();
            }
            $start = $at + strlen($found[0]);
            $close = $found[2] === '/' ? $start : strpos($rows, '</row>', $start);
            if ($close === false) {
                throw new OddShape;
            }
            $next = $found[2] === '/' ? $start : $close + 6;
            $row = (int) $place[1];
            if ($row < 1 || $row > Address::ROWS) {
                throw FileIsWrong::package("\"{$this->part}\" has a row ".number_format($row).'; a worksheet ends at row 1,048,576.');
            }
            if ($row > $done) {
                $this->row = $row;
                yield $row => [$found[1], substr($rows, $start, $close - $start)];
            }
        }
    }
}
