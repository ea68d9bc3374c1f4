<?php

declare(strict_types=1);

namespace Rilvet\Xlsx\Frame;

use DOMElement;
use Rilvet\Entry\EntryChecks;
use Rilvet\Grid\Aspect;
use Rilvet\Package\PackageXml;
use Rilvet\Xlsx\Book;
use Rilvet\Xlsx\BookSheet;
use Rilvet\Xlsx\EntriesIn;
use Rilvet\Xlsx\EntriesOut;
use Rilvet\Xlsx\SheetSkeleton;

/**
 * Checks on entry (18.3.1.33): those that say what they said stay as they are, byte by byte where all do; the others are taken
 * out, and new ones put in.
 */
final class EntriesPiece extends FramePiece
{
    public static function read(SheetSkeleton $frame, BookSheet $from, Book $book): Aspect
    {
        return EntriesIn::of($frame->root);
    }

    public static function tail(SheetSkeleton $frame, Framed $now): bool
    {
        $there = [];
        foreach (EntriesIn::of($frame->root)->all() as $check) {
            $there[$check->id] = $check;
        }
        $wanted = EntriesOut::wanted($now->sheet);
        if (! $now->sheet->aspect(EntryChecks::class)->isRead) {
            if ($wanted === []) {
                return false;
            }
            $there = [];
        }
        $staying = [];
        foreach ($wanted as $index => [$check, $ranges]) {
            $came = $check->came === null ? null : $there[$check->came] ?? null;
            if ($came !== null && $came->key() === $check->key() && implode(' ', $came->where->cells) === implode(' ', $ranges)) {
                $staying[(string) $check->came] = $index;
            }
        }
        if (count($staying) === count($wanted) && count($staying) === count($there)) {
            return false;
        }
        $elements = EntriesIn::elements($frame->root);
        foreach (array_keys(array_diff_key($there, $staying)) as $came) {
            $elements[$came][0]->remove();
        }
        $xml = '';
        $said = array_flip($staying);
        foreach ($wanted as $index => [$check, $ranges]) {
            $xml .= isset($said[$index]) ? '' : EntriesOut::one($check, $ranges, EntriesOut::choices($check, $ranges, $now->sheet));
        }
        if ($xml !== '') {
            $frame->fill($frame->element('dataValidations') ?? $frame->put('dataValidations'), $xml);
        }
        self::sweep($frame->root);

        return true;
    }

    /** Groups in which nothing is left; how many there are is said anew. */
    private static function sweep(DOMElement $root): void
    {
        foreach (PackageXml::children($root, 'dataValidations') as $group) {
            $count = count(PackageXml::children($group, 'dataValidation'));
            $count === 0 ? $group->remove() : $group->setAttribute('count', (string) $count);
        }
        $list = PackageXml::child($root, 'extLst');
        foreach ($list === null ? [] : PackageXml::children($list, 'ext') as $extension) {
            foreach (PackageXml::children($extension, 'dataValidations') as $group) {
                $count = count(PackageXml::children($group, 'dataValidation'));
                $count === 0 ? $extension->remove() : $group->setAttribute('count', (string) $count);
            }
        }
        $list === null || PackageXml::children($list, 'ext') !== [] || $list->remove();
    }
}
