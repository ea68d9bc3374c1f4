<?php

declare(strict_types=1);

namespace Tests\Core;

use DOMDocument;
use PHPUnit\Framework\TestCase;
use Rilvet\Act\DropBreaks;
use Rilvet\Check\Changes;
use Rilvet\Check\Checks;
use Rilvet\Check\Finding;
use Rilvet\Check\Mend;
use Rilvet\Check\Report;
use Rilvet\Check\Severity;

/** What was found, written down: as RFC 4180 has it, as a page that runs nothing, as JSON. */
final class FindingReportTest extends TestCase
{
    public function test_a_csv_is_read_back_as_it_was_meant_and_holds_no_formula(): void
    {
        $lines = [];
        $stream = fopen('php://temp', 'w+b');
        assert($stream !== false);
        fwrite($stream, self::report()->csv());
        rewind($stream);
        // By the language's own reader, without an escape of its own (RFC 4180, 2.7).
        while (($line = fgetcsv($stream, null, ',', '"', '')) !== false) {
            $lines[] = $line;
        }
        self::assertSame([
            ['file', 'sheet', 'range', 'severity', 'check', 'what', 'count', 'mend', 'changes', 'left because'],
            ['a.xlsx', "'=HYPERLINK(1)", 'C6', 'wrong', 'sum', 'C6, "the total", is not the sum above it', '1', 'changes 2 formulas',
                'formulas', ''],
            ['a.xlsx', 'Lots', 'A2:A9', 'worth a look', 'nobody knows it', "two\nlines", '8', '', '', "'-because, so"],
            ['a.xlsx', 'Lots', '', 'note', 'x', "'@x", '1200', 'changes no value', 'looks', ''],
        ], $lines);
        self::assertSame(4, substr_count(self::report()->csv(), "\r\n"), 'lines end as the standard wants it');
    }

    public function test_a_page_shows_each_and_runs_nothing(): void
    {
        $html = self::report()->html();
        $page = new DOMDocument;
        self::assertTrue($page->loadHTML($html, LIBXML_NOERROR));
        self::assertSame(0, $page->getElementsByTagName('script')->length);
        $text = $page->textContent;
        foreach (['Looked over on 2026-11-27', '<script>alert(1)</script>.xlsx', '3 findings, 1 left with a reason', '0 findings',
            'Nothing is found.',
            'Left: -because, so', 'changes 2 formulas', 'nobody knows it'] as $words) {
            self::assertStringContainsString($words, $text);
        }
        self::assertStringContainsString("default-src 'none'", $html);
        $rows = $page->getElementsByTagName('tr');
        self::assertSame(4, $rows->length);
        self::assertSame(['wrong', '', ''], array_map(
            fn (int $row) => (string) $rows->item($row)?->getElementsByTagName('td')->item(0)?->getAttribute('class'), [1, 2, 3]));
    }

    public function test_json_says_the_same_with_the_reason(): void
    {
        $says = json_decode((string) json_encode(self::report()->toArray()), true);
        self::assertSame(['2026-11-27', 'a.xlsx', '<script>alert(1)</script>.xlsx'], [$says['day'], ...array_column($says['files'],
            'file')]);
        self::assertSame([null, '-because, so', null], array_column($says['files'][0]['findings'], 'left'));
        self::assertSame(['formulas', null, 'looks'], array_column($says['files'][0]['findings'], 'changes'));
        self::assertSame([['sum' => 9], [], []], array_column($says['files'][0]['findings'], 'evidence'));
    }

    public function test_what_mends_says_what_it_changes(): void
    {
        $act = new DropBreaks([1]);
        self::assertSame(['changes no value', Changes::Looks], [Mend::looks($act)->words, Mend::looks($act)->changes]);
        self::assertSame('fits the column', Mend::looks($act, 'fits the column')->words);
        self::assertSame(['changes 1 formula', 'changes 1,200 formulas'], [Mend::formulas($act, 1)->words, Mend::formulas($act,
            1_200)->words]);
        self::assertSame(['changes 1 value', 'changes 2 values', 'joins them'], [Mend::values($act, 1)->words, Mend::values($act, 2)->words,
            Mend::values($act, 2, 'joins them')->words]);
        self::assertSame('changes values', Changes::Values->words());
    }

    public function test_severities_are_asked_for_by_name_the_worst_is_the_heaviest(): void
    {
        $all = array_map(Severity::named(...), Severity::names());
        self::assertSame([Severity::Note, Severity::Look, Severity::Wrong], $all);
        self::assertNull(Severity::named('worst'));
        foreach ($all as $at => $one) {
            foreach ($all as $than => $other) {
                self::assertSame($at >= $than, $one?->isAtLeast($other ?? Severity::Wrong));
            }
        }
    }

    public function test_each_check_has_a_name_of_its_own_a_title_and_a_reason(): void
    {
        $abouts = array_map(fn ($check) => $check->about(), Checks::all());
        self::assertSame(array_column($abouts, 'name'), array_unique(array_column($abouts, 'name')));
        foreach ($abouts as $about) {
            self::assertSame($about->title, Checks::about($about->name)?->title);
            self::assertNotSame('', $about->title.$about->reason);
        }
        self::assertNull(Checks::about('nobody knows it'));
    }

    private static function report(): Report
    {
        $act = new DropBreaks([1]);
        $left = new Finding('nobody knows it', Severity::Look, 'Lots', 1, 'A2:A9', 8, "two\nlines");

        return new Report([
            ['file' => 'a.xlsx', 'findings' => [
                new Finding('sum', Severity::Wrong, '=HYPERLINK(1)', 1, 'C6', 1, 'C6, "the total", is not the sum above it', ['sum' => 9],
                    Mend::formulas($act, 2)),
                $left,
                new Finding('x', Severity::Note, 'Lots', 1, '', 1_200, '@x', [], Mend::looks($act)),
            ], 'left' => [$left->key() => '-because, so']],
            ['file' => '<script>alert(1)</script>.xlsx', 'findings' => [], 'left' => []],
        ], '2026-11-27');
    }
}
