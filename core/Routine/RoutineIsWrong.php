<?php

declare(strict_types=1);

namespace Rilvet\Routine;

use Rilvet\Refusal;

/** A routine that cannot be read, or a step that does not find its place. */
final class RoutineIsWrong extends Refusal
{
    public static function json(string $fault): self
    {
        return new self("This is no routine: $fault");
    }

    /** @param  string  $where  "step 3" */
    public static function at(string $where, string $fault): self
    {
        return new self(ucfirst("$where: $fault"));
    }

    public static function noPlace(string $place, string $sheet): self
    {
        return new self("$place: there is no such place on \"$sheet\".");
    }

    public static function noHeading(string $heading, string $sheet): self
    {
        return new self("There is no column \"$heading\" on \"$sheet\".");
    }

    public static function noSheets(): self
    {
        return new self('None of its sheets is in this workbook.');
    }

    public static function noData(): self
    {
        return new self('It brings newer data in, and none was given.');
    }

    public static function noStylebook(string $name): self
    {
        return new self("There is no stylebook \"$name\", and the routine does not bring it along.");
    }

    public static function empty(): self
    {
        return new self('A routine wants at least one step.');
    }
}
