<?php

declare(strict_types=1);

namespace Rilvet\Xlsx;

use DOMElement;
use Rilvet\Package\PackageXml;
use Rilvet\Page\PageRules;
use Rilvet\Paper\Printed;

/** Says how a sheet goes to paper in a part that is there: what is said already stays as it is. */
final readonly class PageRewrite
{
    /** Rules that an element says. */
    private const SAYS = [
        'printOptions' => ['across', 'down', 'numbers', 'gridlines'],
        'pageMargins' => ['left', 'right', 'top', 'bottom', 'head', 'foot'],
        'pageSetup' => ['paper', 'turn', 'scale', 'wide', 'tall', 'order', 'mono', 'errors'],
    ];

    public function __construct(private Printed $pages, private SheetSkeleton $frame)
    {
    }

    /** The properties of the sheet, which stand before its rows. */
    public function head(): bool
    {
        $root = $this->frame->root;
        $fits = $this->pages->fits();
        if (PageXml::fits($root) === $fits) {
            return false;
        }
        $properties = PackageXml::child($root, 'sheetPr') ?? $this->frame->put('sheetPr');
        $element = PackageXml::child($properties, 'pageSetUpPr');
        if ($element === null) {
            $element = PackageXml::made($properties, 'pageSetUpPr');
            $properties->appendChild($element);
        }
        $fits ? $element->setAttribute('fitToPage', '1') : $element->removeAttribute('fitToPage');

        return true;
    }

    /**
     * @param  bool  $fitted  the properties said that it is scaled to pages
     * @param  bool  $isNew  what is usual is said too: programs differ in what they take for it
     */
    public function tail(bool $fitted, bool $isNew = false): bool
    {
        $root = $this->frame->root;
        $was = PageXml::of($root, $fitted)->over(PageRules::of(PageRules::OF_FILE));
        $changed = false;
        foreach (PageXml::attributes($this->pages) as $name => $attributes) {
            $element = PackageXml::child($root, $name);
            $wanted = array_filter($attributes, fn (string $value) => $value !== '');
            if (! ($isNew || $this->differs($name, $was)) || ($element === null && $wanted === [])) {
                continue;
            }
            $element ??= $this->frame->put($name);
            foreach ($attributes as $attribute => $value) {
                // Paper that nobody chose stays as the file has it.
                if ($value !== '') {
                    $element->setAttribute($attribute, $value);
                } elseif (! str_starts_with($attribute, 'paper') || $this->pages->saysPaper) {
                    $element->removeAttribute($attribute);
                }
            }
            $changed = true;
        }
        $changed = $this->headFoot($root, $was) || $changed;
        $changed = $this->breaks($root, 'rowBreaks', $this->pages->rows, 16_383) || $changed;

        return $this->breaks($root, 'colBreaks', $this->pages->columns, 1_048_575) || $changed;
    }

    private function differs(string $element, PageRules $was): bool
    {
        $now = $this->pages->rules;
        foreach (self::SAYS[$element] as $rule) {
            $is = match ($rule) {
                'turn' => ($was->text('turn') === 'turned') !== $this->pages->isTurned,
                'paper' => $this->pages->saysPaper && $was->text('paper') !== $now->text('paper'),
                'scale' => ! $this->pages->fits() && (int) $was->number('scale') !== $this->pages->scale,
                'wide', 'tall' => (int) $was->number($rule) !== ($this->pages->fits() ? (int) $now->number($rule) : 0),
                'order', 'errors' => $was->text($rule) !== $now->text($rule),
                'across', 'down', 'numbers', 'gridlines', 'mono' => $was->flag($rule) !== $now->flag($rule),
                default => abs($was->number($rule) - $now->number($rule)) > 0.05,
            };
            if ($is) {
                return true;
            }
        }

        return false;
    }

    private function headFoot(DOMElement $root, PageRules $was): bool
    {
        $differs = false;
        foreach (array_keys(HeadFootXml::ELEMENTS) as $rule) {
            $now = $this->pages->rules;
            $differs = $differs || ($was->has($rule) || $now->has($rule))
                && $was->places($rule)->toArray() !== $now->places($rule)->toArray();
        }
        if (! $differs) {
            return false;
        }
        $element = PackageXml::child($root, 'headerFooter') ?? $this->frame->put('headerFooter');
        foreach (array_reverse(HeadFootXml::ELEMENTS) as $rule => $name) {
            $says = $this->pages->headFoot($rule);
            PackageXml::child($element, $name)?->remove();
            if ($says !== null) {
                $child = PackageXml::made($element, $name);
                $child->textContent = HeadFootXml::codes($says, $this->pages->fields);
                $element->insertBefore($child, $element->firstChild);
            }
        }
        foreach (['differentOddEven' => $this->pages->saysEven(), 'differentFirst' => $this->pages->saysFirst()] as $attribute => $is) {
            $is ? $element->setAttribute($attribute, '1') : $element->removeAttribute($attribute);
        }
        $element->childElementCount === 0 && $element->remove();

        return true;
    }

    /** @param  list<int>  $breaks */
    private function breaks(DOMElement $root, string $name, array $breaks, int $reach): bool
    {
        if (PageXml::breaks($root, $name === 'rowBreaks') === $breaks) {
            return false;
        }
        $element = PackageXml::child($root, $name);
        if ($breaks === []) {
            $element?->remove();

            return $element !== null;
        }
        $element ??= $this->frame->put($name);
        foreach (PackageXml::children($element, 'brk') as $break) {
            $break->remove();
        }
        $this->frame->fill($element, implode('', array_map(
            fn (int $at) => "<brk id=\"$at\" max=\"$reach\" man=\"1\"/>", $breaks)));
        $element->setAttribute('count', (string) count($breaks));
        $element->setAttribute('manualBreakCount', (string) count($breaks));

        return true;
    }
}
