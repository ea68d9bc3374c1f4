<?php

declare(strict_types=1);

namespace Bench\Reading;

use Rilvet\Grid\BlockSheet;
use Rilvet\Grid\MemoryBlockStore;
use Rilvet\Intake\Dialect;
use Rilvet\Intake\Encoding;
use Rilvet\Intake\Survey;
use Rilvet\Intake\Tokeniser;
use Rilvet\Reading\ColumnKind;
use Rilvet\Reading\Finder;
use Rilvet\Reading\SheetFacts;
use Rilvet\Reading\TypingHints;

/** Tables of a csv, as offices write their figures, dates and codes: of each column it is known what it holds. */
final class Kinds
{
    /** Columns that are as they should be, and all of them. */
    public int $right = 0;

    public int $all = 0;

    /** @var array<string, int> what was read for what, how often */
    public array $missed = [];

    public static function of(int $seed, int $tables): self
    {
        $kinds = new self;
        for ($table = 0; $table < $tables; $table++) {
            mt_srand($seed * 1_000 + $table);
            $kinds->examine($seed, $table);
        }
        arsort($kinds->missed);

        return $kinds;
    }

    public function share(): float
    {
        return $this->all === 0 ? 1.0 : (float) ($this->right / $this->all);
    }

    private function examine(int $seed, int $table): void
    {
        $isContinental = mt_rand(0, 1) === 1;
        $makes = self::makes($isContinental);
        $names = array_keys($makes);
        shuffle($names);
        $names = array_slice($names, 0, mt_rand(4, 7));
        $rows = mt_rand(8, 60);
        $lines = [['Species', ...array_map(fn (string $name) => $makes[$name][1][mt_rand(0, count($makes[$name][1]) - 1)], $names)]];
        for ($row = 0; $row < $rows; $row++) {
            $lines[] = [
                Vocabulary::NAMES[$row % count(Vocabulary::NAMES)].' '.intdiv($row, count(Vocabulary::NAMES)),
                ...array_map(fn (string $name) => mt_rand(0, 14) === 0 ? '' : $makes[$name][2]($row), $names),
            ];
        }
        $read = self::read($lines);
        foreach ($names as $at => $name) {
            $this->all++;
            $is = $read[$at + 1] ?? null;
            $this->right += $is === $makes[$name][0] ? 1 : 0;
            if ($is !== $makes[$name][0]) {
                $sign = $isContinental ? '(comma)' : '(point)';
                $key = "$name $sign: ".($is->value ?? 'nothing')." in place of {$makes[$name][0]->value}";
                $this->missed[$key] = ($this->missed[$key] ?? 0) + 1;
            }
        }
    }

    /** @return array<string, array{ColumnKind, list<string>, callable(int): string}> kind, headings, cell of a row */
    private static function makes(bool $isContinental): array
    {
        [$point, $group] = $isContinental ? [',', '.'] : ['.', ','];
        $number = fn (float $value, int $places) => number_format($value, $places, $point, $group);
        $any = function (array $from): string {
            /** @var list<string> $from */
            return $from[mt_rand(0, count($from) - 1)];
        };
        $base = mt_rand(1_000, 9_000);
        $sign = ['£', '$', '€'][mt_rand(0, 2)];

        return [
            'counts' => [ColumnKind::Integer, ['Stock', 'Seedlings', 'Orders'], fn () => (string) mt_rand(0, 900)],
            'counts in groups of thousands' => [ColumnKind::Integer, ['Stock', 'Seedlings', 'Visitors'],
                fn () => $number(mt_rand(1_000, 90_000), 0)],
            'counts under a word for money' => [ColumnKind::Integer, ['Invoices paid', 'Number of payments', 'Count of fees'],
                fn () => (string) mt_rand(1, 400)],
            'measures' => [ColumnKind::Decimal, ['Height', 'Weight kg', 'Girth'], fn () => $number(mt_rand(10, 4_000) / 100, 2)],
            'measures of mixed length' => [ColumnKind::Decimal, ['Moisture', 'Depth'],
                fn () => $number(mt_rand(10, 90_000) / 1_000, mt_rand(1, 3))],
            'money with its sign' => [ColumnKind::Amount, ['Price', 'Worth', 'Given'],
                fn () => $sign.$number(mt_rand(100, 900_000) / 100, 2)],
            'money by its heading' => [ColumnKind::Amount, ['Price', 'Cost', 'Amount', 'Betrag', 'Prix'],
                fn () => $number(mt_rand(100, 900_000) / 100, 2)],
            'money in brackets, dashes for nothing' => [ColumnKind::Amount, ['Balance', 'Profit'], fn () => match (mt_rand(0, 4)) {
                0 => '–', 1 => '('.$number(mt_rand(100, 900_000) / 100, 2).')', default => $number(mt_rand(100, 900_000) / 100, 2),
            }],
            'shares with a sign' => [ColumnKind::Percent, ['Alive', 'Share', 'Survival'], fn () => $number(mt_rand(0, 1_000) / 10, 1).'%'],
            'days' => [ColumnKind::Date, ['Sown', 'Due', 'Datum'], fn () => date('Y-m-d', 1_700_000_000 + 86_400 * mt_rand(0, 700))],
            'days with points' => [ColumnKind::Date, ['Sown', 'Due', 'Datum'],
                fn () => date('d.m.Y', 1_700_000_000 + 86_400 * mt_rand(0, 700))],
            'days in words' => [ColumnKind::Date, ['Sown', 'Due'], fn () => date('j F Y', 1_700_000_000 + 86_400 * mt_rand(0, 700))],
            'times of the day' => [ColumnKind::Time, ['Opens', 'Collected at'],
                fn () => sprintf('%02d:%02d', mt_rand(6, 20), mt_rand(0, 59))],
            'days and times' => [ColumnKind::DateTime, ['Counted', 'Changed'],
                fn () => date('Y-m-d H:i', 1_700_000_000 + 61 * mt_rand(0, 900_000))],
            'accounts' => [ColumnKind::Code, ['Account', 'Reference'],
                fn (int $row) => sprintf('00%d %04d %02d', $base % 90 + 10, 3_400 + $row, mt_rand(10, 99))],
            'telephones' => [ColumnKind::Code, ['Telephone', 'Phone'], fn () => '+44 20 7946 '.sprintf('%04d', mt_rand(0, 9_999))],
            'lots with zeros' => [ColumnKind::Code, ['Lot', 'Code', 'Ref'], fn (int $row) => sprintf('%06d', $base + $row)],
            'hexadecimal' => [ColumnKind::Code, ['Key', 'Tag', 'Checksum'], fn () => strtoupper(substr(md5((string) mt_rand()), 0, 8))],
            'lots with letters' => [ColumnKind::Code, ['Lot', 'Plot'], fn (int $row) => chr(65 + $row % 4).'-'.sprintf('%03d', $row)],
            'classes' => [ColumnKind::Category, ['Soil', 'Status'], fn () => $any(['moist', 'dry', 'chalk'])],
            'remarks' => [ColumnKind::LongText, ['Remarks', 'Notes'],
                fn (int $row) => "Seen on the $row. day at the lower gate, cut back and watered, "
                .$any(['then left alone', 'then moved to the yard', 'then given to the school', 'and not looked at since'])." $row"],
            'yes and no' => [ColumnKind::Boolean, ['Watered', 'Sold'], fn () => $any(['yes', 'no'])],
            'ticks' => [ColumnKind::Boolean, ['Watered', 'Labelled'], fn (int $row) => $row % 3 === 0 ? '' : 'x'],
            'people' => [ColumnKind::Text, ['Keeper', 'Grower'],
                fn (int $row) => $any(['Ida', 'Ben', 'Uma', 'Otto', 'Ada']).' '
                .$any(['Reed', 'Marsh', 'Holt', 'Ferry', 'Stone', 'Brook', 'Field'])." $row"],
            'nothing' => [ColumnKind::None, ['Left blank', 'To be filled in'], fn () => ''],
        ];
    }

    /**
     * @param  list<list<string>>  $lines
     * @return list<ColumnKind> of each column
     */
    private static function read(array $lines): array
    {
        $stream = fopen('php://temp', 'w+b');
        assert($stream !== false);
        foreach ($lines as $line) {
            fputcsv($stream, $line, ';', '"', '');
        }
        rewind($stream);
        $survey = new Survey($blocks = new MemoryBlockStore);
        $survey->take(Tokeniser::ofStream($stream, new Dialect(Encoding::Utf8, ';', '"'))->rows());
        fclose($stream);
        $typing = $survey->typing(';');
        $sheet = new BlockSheet('S', $survey->rows(), $survey->columns(), $blocks, $typing);
        $reading = Finder::read(new SheetFacts($sheet, $survey->signatures(), new TypingHints($typing), $survey->longest()));
        $kinds = [];
        foreach ($reading->tables[0]->columns ?? [] as $column) {
            $kinds[] = $column->kind;
        }

        return $kinds;
    }
}
