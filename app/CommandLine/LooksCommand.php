<?php

declare(strict_types=1);

namespace App\CommandLine;

use Rilvet\Condition\Verdict;
use Rilvet\Dressed\DressedSheet;
use Rilvet\Dressed\Layer;
use Rilvet\Dressed\ResolvedLook;
use Rilvet\Grid\Address;
use Rilvet\Grid\Cell;
use Rilvet\Grid\Range;
use Rilvet\Look\Attribute;
use Rilvet\Measure\Shown;
use Rilvet\Number\Formatted;
use Rilvet\Refusal;
use Rilvet\Work\Extent;
use Rilvet\Work\NoSuchSheet;
use Rilvet\Work\Workbook;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

/** What each cell shows, how it looks, and the layer that each attribute comes from; conditional looks included. */
final class LooksCommand extends Command
{
    protected function configure(): void
    {
        $this->setName('looks')
            ->setDescription('Show the text and the look of each cell, and where each attribute comes from')
            ->addArgument('file', InputArgument::REQUIRED)
            ->addOption('sheet', null, InputOption::VALUE_REQUIRED, 'Only the sheet of this name')
            ->addOption('range', null, InputOption::VALUE_REQUIRED, 'Only these cells, such as A1:F40')
            ->addOption('today', null, InputOption::VALUE_REQUIRED, 'The day that conditions take for today, such as 2026-11-27')
            ->addOption('json', null, InputOption::VALUE_NONE, 'As JSON: of one sheet an object, of several a list of them');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $text = function (string $name) use ($input): ?string {
            $value = $input->getOption($name);

            return is_string($value) ? $value : null;
        };
        $today = $text('today');
        if ($today !== null && preg_match('/^\d{4}-\d{2}-\d{2}$/', $today) !== 1) {
            throw new Usage('--today takes a day such as 2026-11-27');
        }
        $said = $text('range');
        try {
            $range = $said === null ? null : Range::parse($said);
        } catch (Refusal $refusal) {
            throw new Usage('--range: '.$refusal->getMessage());
        }
        $file = $input->getArgument('file');
        $workbook = Files::open(is_string($file) ? $file : '');
        $only = $text('sheet');
        $found = false;
        $isList = $only === null && count($workbook->sheets) > 1 && $input->getOption('json') === true;
        $isList && $output->writeln('[', OutputInterface::OUTPUT_RAW);
        foreach ($workbook->sheets as $number => $sheet) {
            if ($only !== null && $sheet->name !== $only) {
                continue;
            }
            $isList && $found && $output->writeln(',', OutputInterface::OUTPUT_RAW);
            $found = true;
            $cells = self::cells($workbook, $number, $range, $today);
            if ($input->getOption('json') === true) {
                $output->writeln('{"sheet": '.self::json($sheet->name).', "cells": [', OutputInterface::OUTPUT_RAW);
                $first = true;
                foreach ($cells as $cell) {
                    $output->writeln(($first ? '' : ',').self::json($cell), OutputInterface::OUTPUT_RAW);
                    $first = false;
                }
                $output->writeln(']}', OutputInterface::OUTPUT_RAW);

                continue;
            }
            $output->writeln($sheet->name, OutputInterface::OUTPUT_RAW);
            foreach ($cells as $cell) {
                $says = [];
                foreach ($cell['look'] as $name => $value) {
                    $says[] = "$name ".(is_bool($value)
                        ? ($value ? 'yes' : 'no')
                        : $value).' ('.($cell['from'][$name] ?? '').')';
                }
                $output->writeln("  {$cell['at']}  {$cell['text']}  ".implode(', ', $says), OutputInterface::OUTPUT_RAW);
            }
        }

        $isList && $output->writeln(']', OutputInterface::OUTPUT_RAW);

        return $found ? 0 : throw NoSuchSheet::named((string) $only);
    }

    /** @return iterable<array{at: string, text: string, look: array<string, bool|int|float|string>, from: array<string, string>}> */
    private static function cells(Workbook $workbook, int $number, ?Range $range, ?string $today): iterable
    {
        $sheet = $workbook->sheet($number);
        $dressed = new DressedSheet($sheet, $workbook->looks, $workbook->around($number, $today));
        [$rows, $columns] = Extent::of($sheet);
        $range ??= Range::of(1, 1, max(1, $rows), max(1, $columns));
        $last = min($range->bottom, max($rows, $range->top));
        $right = min($range->right, max($columns, $range->left));
        $rows = function () use ($sheet, $range, $last): iterable {
            yield from $sheet->cells->read($range->top, min($last, $sheet->cells->rows()));
            for ($row = max($range->top, $sheet->cells->rows() + 1); $row <= $last; $row++) {
                yield $row => [];
            }
        };
        foreach ($dressed->held($rows()) as $row => $cells) {
            for ($column = $range->left; $column <= $right; $column++) {
                $cell = $cells[$column - 1] ?? Cell::blank();
                $worn = $dressed->holding($dressed->at($row, $column), $row, $column, $cell);
                $verdict = $dressed->verdict($row, $column, $cell);
                if ($worn->entries !== [] || ! $cell->isBlank() || $verdict !== null) {
                    yield self::one($workbook, $row, $column, $cell, $worn, $verdict);
                }
            }
        }
    }

    /**
     * @return array{at: string, text: string, look: array<string, bool|int|float|string>, from: array<string, string>, mark?: string,
     *     bar?: float}
     */
    private static function one(Workbook $workbook, int $row, int $column, Cell $cell, ResolvedLook $worn, ?Verdict $verdict): array
    {
        $shown = Shown::of($cell, $worn, $workbook->from1904);
        $from = [];
        foreach ($worn->look->attributes() as $attribute) {
            $entry = $worn->entry($attribute);
            $from[$attribute->value] = $entry->name ?? ($entry->layer ?? Layer::File)->words();
        }
        // A colour that a number format asks for is what is seen.
        $look = ($shown->formatted->ink === null ? [] : ['ink' => $shown->formatted->ink]) + $worn->look->toArray()
            + ['bold' => false, 'ink' => '#000000'];
        if ($shown->formatted->ink !== null) {
            $from['ink'] = 'number format';
        }
        if (isset($look[Attribute::Fill->value]) && $look[Attribute::Fill->value] === 'none') {
            unset($look[Attribute::Fill->value], $from[Attribute::Fill->value]);
        }

        return ['at' => (string) Address::of($row, $column),
            'text' => $verdict?->hidesText === true ? '' : Formatted::readable($shown->formatted->text), 'look' => $look, 'from' => $from]
            + ($verdict?->mark === null ? [] : ['mark' => $verdict->mark[0]->value])
            + ($verdict?->bar === null ? [] : ['bar' => round($verdict->bar->end - $verdict->bar->start, 4)]);
    }

    private static function json(mixed $value): string
    {
        return json_encode($value, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR);
    }
}
