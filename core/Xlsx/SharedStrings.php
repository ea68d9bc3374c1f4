<?php

declare(strict_types=1);

namespace Rilvet\Xlsx;

use Rilvet\Intake\Exception\FileIsWrong;
use Rilvet\Intake\Tokeniser;
use Rilvet\Package\Package;
use Rilvet\Package\PackageXml;

/** The texts that cells name by number (ISO/IEC 29500-1 18.4.9), read as a stream. */
final class SharedStrings
{
    /** Bytes of all texts together; they stand in memory while the sheets are read. */
    private const MOST = 1_073_741_824;

    /** Texts that a workbook may share. */
    private const TEXTS = 5_000_000;

    /** Bytes of one text with all its runs: far more than a cell takes, and little to look through again and again. */
    private const ONE = 4_194_304;

    /**
     * @return list<string>
     *
     * @throws FileIsWrong
     */
    public static function of(Package $package, string $part): array
    {
        try {
            return self::common($package->zip->pieces($package->entry($part)), $part);
        } catch (OddShape) {
            $plain = PlainShape::of($package, $part);
            try {
                return self::common(self::chunks($plain), $part);
            } catch (OddShape) {
                throw FileIsWrong::package("\"$part\" in the package is no list of texts as the format wants it. The file is damaged.");
            } finally {
                fclose($plain);
            }
        }
    }

    /**
     * @param  resource  $stream
     * @return iterable<string>
     */
    public static function chunks($stream): iterable
    {
        while (! feof($stream)) {
            $piece = fread($stream, 262_144);
            if ($piece !== false && $piece !== '') {
                yield $piece;
            }
        }
    }

    /**
     * @param  iterable<string>  $pieces
     * @return list<string>
     */
    private static function common(iterable $pieces, string $part): array
    {
        $texts = [];
        $read = 0;
        $buffer = '';
        $root = null;
        $ended = false;
        foreach ($pieces as $piece) {
            $buffer .= $piece;
            $read += strlen($piece);
            if ($read > self::MOST) {
                throw FileIsWrong::package(
                    "\"$part\" in the package holds more than 1 GB of texts. Split the workbook, and bring the parts in.",
                );
            }
            if ($root === null) {
                if (preg_match('~^(?:\xEF\xBB\xBF)?(?:<\?xml[^>]*\?>)?\s*(<sst(?=[\s>])[^>]*>)~', $buffer, $found) !== 1) {
                    if (strlen($buffer) > 65_536) {
                        throw new OddShape;
                    }

                    continue;
                }
                if (preg_match('/encoding=["\'](?!utf-?8|us-ascii)/i', $found[0]) === 1) {
                    throw new OddShape;
                }
                if (str_ends_with($found[1], '/>')) {
                    // A list without a text in it.
                    return [];
                }
                $root = $found[1];
                $buffer = substr($buffer, strlen($found[0]));
            }
            $last = strrpos($buffer, '</si>');
            if ($last === false) {
                if (strlen($buffer) > self::ONE) {
                    throw FileIsWrong::package(
                        sprintf(
                            'A text in "%s" holds more than 4 MB; a cell takes at most %s characters.',
                            $part,
                            number_format(Tokeniser::CELL),
                        ),
                    );
                }

                continue;
            }
            self::take(substr($buffer, 0, $last + 5), $root, $texts, $part);
            $buffer = substr($buffer, $last + 5);
        }
        if ($root === null) {
            throw new OddShape;
        }
        if (
            preg_match('~^\s*((?:<si\s*/>\s*)*)</sst>\s*$~', $buffer, $rest) === 1 ||
            preg_match('~^((?:\s*<si\s*/>)*)\s*<extLst.*</sst>\s*$~s', $buffer, $rest) === 1
        ) {
            $ended = true;
            if (substr_count($rest[1], '<si') > self::TEXTS) {
                throw FileIsWrong::package(
                    "\"$part\" in the package lists millions of blank texts. Such a file is damaged, or made to do harm.",
                );
            }
            array_push($texts, ...array_fill(0, substr_count($rest[1], '<si'), ''));
        }

        return $ended ? $texts : throw new OddShape;
    }

    /** @param  list<string>  $texts */
    private static function take(string $xml, string $root, array &$texts, string $part): void
    {
        if (str_contains($xml, '<!') || str_contains($xml, '<?')) {
            throw new OddShape;
        }
        if (! mb_check_encoding($xml, 'UTF-8')) {
            throw FileIsWrong::package("\"$part\" in the package holds bytes that are no text in UTF-8. The file is damaged.");
        }
        $count = preg_match_all(
            '~\s*<si>(?:<t(?: xml:space="preserve")?>([^<]*)</t></si>|<t/></si>|(.*?)</si>)|\s*(<si\s*/>)~s',
            $xml,
            $found,
        );
        if ($count === false || strlen(implode('', $found[0])) !== strlen($xml)) {
            throw new OddShape;
        }
        foreach ($found[1] as $index => $text) {
            if ($found[2][$index] !== '') {
                $tree = PackageXml::tree(rtrim($root, '/>')."><si>{$found[2][$index]}</si></sst>", $part);
                $item = PackageXml::child(PackageXml::root($tree), 'si');
                $text = $item === null ? '' : Text::rich($item);
            } elseif (strpbrk($text, "&\r_") !== false) {
                $text = Text::read($text);
            }
            if (strlen($text) > Tokeniser::CELL && mb_strlen($text) > Tokeniser::CELL) {
                throw FileIsWrong::package(
                    sprintf(
                        'A cell or text in "%s" holds %s characters; a cell takes at most %s.',
                        $part,
                        number_format(mb_strlen($text)),
                        number_format(Tokeniser::CELL),
                    ),
                );
            }
            $texts[] = $text;
        }
        if (count($texts) > self::TEXTS) {
            throw FileIsWrong::package(
                sprintf(
                    '"%s" in the package lists more than %s texts. Such a file is damaged, or made to do harm.',
                    $part,
                    number_format(self::TEXTS),
                ),
            );
        }
    }
}
