<?php

declare(strict_types=1);

namespace Rilvet\Learn;

use Closure;
use Rilvet\Learn\Exception\NothingToLearn;
use Rilvet\Look\Attribute;
use Rilvet\Reading\ColumnKind;
use Rilvet\Reading\Part;
use Rilvet\Stylebook\Edit;
use Rilvet\Stylebook\Stylebook;
use Rilvet\Work\Workbook;

/**
 * Makes a stylebook of sheets that already look right: for each part, column kind and sheet the attributes that most of its cells
 * wear, stripes as stripes, and the colours as a palette.
 */
final class Learner
{
    /** Order in which colours are named: what is met most first. */
    private const COLOURS = [
        'ground.ink' => 'ink', 'parts.heading.fill' => 'heading', 'stripes.fill' => 'stripe', 'stripes.fills.1' => 'stripe',
        'parts.row_group.fill' => 'group',
        'parts.subtotal.fill' => 'subtotal', 'parts.total.fill' => 'total', 'parts.total.top' => 'line', 'parts.body.bottom' => 'hairline',
        'parts.title.ink' => 'title', 'parts.note.ink' => 'quiet',
    ];

    /** The share of cells from which on a kind has a look of its own. */
    private const NEARLY_ALL = 0.9;

    /** The share of cells that makes no rule. */
    private const FEW = 0.05;

    private const SAID = [Part::Heading, Part::RowLabel, Part::Body];

    /** What is said only where it is something else. */
    private const PLAIN = [
        'italic' => false, 'strike' => false, 'wrap' => false, 'underline' => 'none', 'indent' => 0, 'rotation' => 0,
        'top' => '', 'right' => '', 'bottom' => '', 'left' => '',
    ];

    /** @var list<Rule> */
    private array $rules = [];

    /** @var array<array-key, mixed> */
    private array $data;

    private function __construct(private readonly Votes $votes, string $name)
    {
        $this->data = ['rilvet' => 'stylebook 1', 'name' => $name, 'about' => 'Learned from sheets that look like this.'];
    }

    /**
     * @param  list<array{Workbook, list<int>}>  $from  workbooks and the numbers of their sheets
     * @param  list<string>  $without  places of rules that are not wanted
     * @param  Closure(): void|null  $told  called after each sheet
     *
     * @throws NothingToLearn
     */
    public static function of(array $from, string $name, array $without = [], ?Closure $told = null): Learned
    {
        $survey = new Survey;
        foreach ($from as [$workbook, $numbers]) {
            foreach ($numbers as $number) {
                $survey->sheet($workbook, $number);
                $told === null || $told();
            }
        }
        $learner = new self($survey->votes, $name);
        $learner->ground();
        $learner->parts();
        $learner->kinds();
        $learner->stripes();
        $learner->opening();
        if ($survey->worn === 0) {
            throw NothingToLearn::from(count($from));
        }

        $learner->rules = array_values(array_filter($learner->rules, fn (Rule $rule) => ! in_array($rule->where, $without, true)));

        return $learner->learned();
    }

    private function ground(): void
    {
        foreach (['font', 'size', 'ink', 'vertical'] as $attribute) {
            $rule = $this->votes->rule("ground.$attribute");
            $rule?->value === '' || $this->keep($rule);
        }
    }

    private function parts(): void
    {
        foreach (Part::cases() as $part) {
            foreach (Attribute::cases() as $attribute) {
                $rule = $this->votes->rule("parts.{$part->value}.{$attribute->value}");
                if ($rule === null || $rule->value === '' && ! isset(self::PLAIN[$attribute->value])) {
                    continue;
                }
                $usual = self::PLAIN[$attribute->value] ?? $this->said("ground.{$attribute->value}");
                // That the body is not bold has to be said: what is dressed later may have come so.
                $isSaid = in_array($attribute, [Attribute::Bold, Attribute::Italic], true) && in_array($part, self::SAID, true);
                if ($rule->value !== $usual || $isSaid) {
                    $this->keep($rule);
                }
            }
        }
    }

    private function kinds(): void
    {
        foreach (ColumnKind::cases() as $kind) {
            $where = "kinds.{$kind->value}";
            $across = $this->votes->rule("$where.horizontal");
            $across === null || $across->value === '' || $this->keep($across);
            $this->ownOfKind($where);
            $number = $this->votes->rule("$where.number");
            if ($number === null || ! is_string($number->value) || in_array($number->value, ['', 'General', '@'], true)) {
                continue;
            }
            $places = $this->places("$where.places");
            if ($kind === ColumnKind::Integer && max([0, ...$places]) === 0) {
                $number = $number->saying(str_replace('{places}', '', $number->value));
            }
            $this->keep($number);
            if (str_contains((string) $number->value, '{places}')) {
                $least = min([10, ...$places]);
                $least === 0 || $this->keep(new Rule("$where.least", $least, $number->cells, $number->all, $number->sheets));
                $most = max([0, ...$places]);
                $this->keep(new Rule("$where.most", max($most, $least), $number->cells, $number->all, $number->sheets));
                $accounting = $this->votes->rule("$where.accounting");
                $accounting?->value === true && $this->keep($accounting);
            }
            $this->sign($where);
        }
    }

    /** What the cells of a kind wear otherwise than the rest of the body. */
    private function ownOfKind(string $where): void
    {
        foreach (['ink' => '', 'bold' => false, 'italic' => false] as $attribute => $plain) {
            $rule = $this->votes->rule("$where.$attribute");
            $body = $this->said("parts.body.$attribute") ?? $this->said("ground.$attribute") ?? $plain;
            $isOwn = $rule !== null && $rule->value !== '' && $rule->value !== $body && ! Votes::areNear($rule->value, $body);
            $isOwn && $rule->cells >= self::NEARLY_ALL * $rule->all && $this->keep($rule);
        }
    }

    /** @return list<int> decimal places that a good part of the cells have; what a few have is their own */
    private function places(string $where): array
    {
        $all = $this->votes->all($where);
        $few = self::FEW * array_sum($all);

        return array_map(intval(...), array_keys(array_filter($all, fn (int $cells) => $cells > $few)));
    }

    /** Where the sign of a currency stands: in every cell, in the first only, or nowhere. */
    private function sign(string $where): void
    {
        [$others, $first] = [$this->votes->rule("$where.signed"), $this->votes->rule("$where.first")];
        if ($others !== null || $first !== null) {
            $sign = $others?->value === true ? 'every'
                : ($first?->value === true ? 'first' : 'none');
            $of = $others ?? $first;
            $this->keep(new Rule("$where.sign", $sign, $of->cells, $of->all, $of->sheets));
        }
    }

    private function stripes(): void
    {
        $by = $this->votes->rule('stripes.by');
        if ($by?->value === 'columns') {
            $this->keep($by);
            foreach (['every', 'first', 'fills.0', 'fills.1'] as $what) {
                $rule = $this->votes->rule("columns.$what");
                $rule === null || $this->keep(new Rule("stripes.$what", $rule->value, $rule->cells, $rule->all, $rule->sheets));
            }

            return;
        }
        [$every, $fill] = [$this->votes->rule('stripes.every'), $this->votes->rule('stripes.fill')];
        if ($every !== null && $every->value !== 0 && $fill !== null && $fill->value !== 'none') {
            $this->keep($every);
            $this->keep($fill);
        }
    }

    private function opening(): void
    {
        foreach (['gridlines', 'freeze', 'zoom'] as $what) {
            $rule = $this->votes->rule("opens.$what");
            $rule === null || $rule->value === 100 || $this->keep($rule);
        }
    }

    private function keep(?Rule $rule): void
    {
        if ($rule !== null) {
            $this->rules[] = $rule;
        }
    }

    private function said(string $where): bool|float|int|string|null
    {
        foreach ($this->rules as $rule) {
            if ($rule->where === $where) {
                return $rule->value;
            }
        }

        return null;
    }

    private function learned(): Learned
    {
        $colours = new Colours;
        foreach (self::COLOURS as $where => $name) {
            $value = $this->said($where);
            is_string($value) && $colours->named($value, $name);
        }
        foreach ($this->rules as $rule) {
            $value = is_string($rule->value) ? $colours->named($rule->value, 'colour') : $rule->value;
            $this->data = Edit::with($this->data, explode('.', $rule->where), $value);
        }
        $data = array_slice($this->data, 0, 3) + ['palette' => $colours->palette] + $this->data;

        return new Learned(Stylebook::of($data), $this->rules);
    }
}
