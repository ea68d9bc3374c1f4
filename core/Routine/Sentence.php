<?php

declare(strict_types=1);

namespace Rilvet\Routine;

use Rilvet\Check\Checks;
use Rilvet\Look\Look;
use Rilvet\Look\LookWords;
use Rilvet\Reading\ColumnKind;
use Rilvet\Reading\Part;
use Rilvet\Refusal;

/** A step as a person would say it. */
final class Sentence
{
    public static function of(Step $step): string
    {
        $with = $step->with;
        $text = fn (string $name) => is_scalar($with[$name] ?? null) ? (string) $with[$name] : '';
        $place = $step->at?->words() ?? 'The sheet';
        $says = match ($step->does) {
            'dress' => ($with['stylebook'] ?? null) === null ? 'Take the stylebook off'
                : "Dress in {$text('stylebook')}".(($with['clean'] ?? false) === true ? ', start clean' : ''),
            'format' => self::where($step).': '.self::look($with['look'] ?? []),
            'formatHeaded' => "{$text('heading')}: ".self::look($with['look'] ?? []),
            'wipe' => self::where($step).': wipe '.(($with['facet'] ?? null) === null ? 'what was given by hand' : $text('facet')),
            'borders' => "$place: borders ".self::borders($with['sides'] ?? []),
            'family' => "Colour family of {$text('hex')}",
            'merge' => "$place: merge",
            'split' => "$place: split what is merged",
            'layNamed' => "$place: look {$text('name')}",
            'stripe' => "$place: ".(($with['stripes'] ?? null) === null ? 'no stripes' : 'stripes'),
            'convert' => "$place: turn texts into {$text('to')}",
            'sort' => 'Sort by '.self::keys($with['keys'] ?? []),
            'share' => "Share a width of {$text('size')} among the columns",
            'equal' => "$place: one width",
            'resize' => "$place: ".(($with['size'] ?? null) === null ? 'fit'
                : (($with['axis'] ?? '') === 'rows' ? 'height' : 'width')
                ." {$text('size')}"),
            'hide' => "$place: ".(($with['show'] ?? false) === true ? 'show' : 'hide'),
            'fitCut' => 'Fit the texts that are cut',
            'opening' => 'How it opens: '.self::list($with),
            'headings' => "Headings: {$text('how')}",
            'sameWidth' => "{$text('heading')}: width {$text('size')}",
            'sheet' => 'Arrange the sheet: '.self::list($with),
            'setCondition' => self::rule($with).': a look while something is true',
            'setEntry' => self::rule($with).': what may be entered',
            'gatherConditions' => 'Gather looks that say the same',
            'mark' => (($with['on'] ?? true) === true ? 'Mark ' : 'No longer mark ').
                mb_strtolower(Part::tryFrom($text('part'))?->words() ?? ''),
            'sayEntries' => "$place: ".($text('as') === 'entry' ? 'cells to be filled in' : 'no cells to be filled in'),
            'guardFormulas' => 'Lock formulas, open entries',
            'protect' => 'Protect the sheet',
            'role' => 'The sheet is for '.($text('role') ?: 'what is read of it'),
            'followRoles' => 'Arrange the sheets by what they are for',
            'addSheet' => 'Add or renew the sheet of '.$text('of'),
            'rewriteHeads' => mb_strtolower(Part::tryFrom($text('part'))?->words() ?? 'headings')." in {$text('to')}",
            'pages' => 'On paper: '.self::list(is_array($with['says'] ?? null) ? $with['says'] : []),
            'bringIn' => 'Bring newer data in'.(is_array($with['key'] ?? null) && $with['key'] !== []
                ? ', rows told apart by '.implode(' and ', array_filter($with['key'], is_string(...))) : ''),
            'rename' => "Call the column {$text('heading')} {$text('to')}",
            'fix' => 'Mend: '.self::checks($with['checks'] ?? []),
            'handOver' => "Hand over as {$text('as')}",
            default => $step->does,
        };

        return ucfirst($says).($step->sheets === null ? '' : ', '.implode(', ', $step->sheets));
    }

    private static function where(Step $step): string
    {
        $part = is_string($step->with['part'] ?? null) ? Part::tryFrom($step->with['part']) : null;
        if (($step->with['scope'] ?? null) !== 'here' || $part === null) {
            return $step->at?->words() ?? 'The sheet';
        }
        $kind = is_string($step->with['kind'] ?? null) ? ColumnKind::tryFrom($step->with['kind']) : null;

        return $part->words().($kind === null ? '' : ' of '.mb_strtolower($kind->ofMany()));
    }

    private static function look(mixed $look): string
    {
        if (! is_array($look)) {
            return 'a look';
        }
        $plain = array_filter($look, is_scalar(...));
        $more = count($look) > count($plain) ? ['a number format'] : [];
        try {
            $words = $plain === [] ? '' : LookWords::of(Look::of(array_combine(array_map(strval(...), array_keys($plain)), $plain)));
        } catch (Refusal) {
            $words = implode(', ', array_map(strval(...), array_keys($plain)));
        }

        return implode(', ', [...($words === '' ? [] : [$words]), ...$more])
            ?: 'no look';
    }

    private static function borders(mixed $sides): string
    {
        return is_array($sides) ? implode(', ', array_map(strval(...), array_keys($sides))) : '';
    }

    private static function keys(mixed $keys): string
    {
        $words = [];
        foreach (is_array($keys) ? $keys : [] as $key) {
            if (is_array($key) && is_string($key[0] ?? null)) {
                $words[] = $key[0].(($key[1] ?? false) === true ? ', greatest first' : '');
            }
        }

        return implode(', then ', $words);
    }

    /** @param  array<array-key, mixed>  $with */
    private static function list(array $with): string
    {
        $words = [];
        foreach ($with as $name => $value) {
            $said = strtolower((string) preg_replace('/(?<!^)[A-Z]/', ' $0', (string) $name));
            $words[] = match (true) {
                $value === true => $said,
                $value === false => "no $said",
                $value === 'turned' || $value === 'upright' => $value,
                is_scalar($value) => "$said $value",
                default => $said,
            };
        }

        return implode(', ', $words);
    }

    /** @param  array<string, mixed>  $with */
    private static function rule(array $with): string
    {
        $where = $with['where'] ?? null;
        if (! is_array($where)) {
            return 'The tables';
        }
        if (is_string($where['heading'] ?? null)) {
            return $where['heading'];
        }
        $kind = is_string($where['kind'] ?? null) ? ColumnKind::tryFrom($where['kind']) : null;

        return $kind?->ofMany() ?? Part::tryFrom(is_string($where['part'] ?? null) ? $where['part'] : '')?->words() ?? 'The tables';
    }

    private static function checks(mixed $checks): string
    {
        $words = [];
        foreach (is_array($checks) ? $checks : [] as $name) {
            is_string($name) && $words[] = mb_strtolower(Checks::about($name)->title ?? $name);
        }

        return $words === [] ? 'all that can be' : implode(', ', $words);
    }
}
