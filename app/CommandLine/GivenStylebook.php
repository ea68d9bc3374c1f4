<?php

declare(strict_types=1);

namespace App\CommandLine;

use Rilvet\Refusal;
use Rilvet\Stylebook\Builtin;
use Rilvet\Stylebook\Stylebook;

/** A stylebook as it is named on the command line. */
final class GivenStylebook
{
    /**
     * @param  string  $name  of one that comes with the application, or a JSON file
     *
     * @throws Usage
     */
    public static function of(string $name): Stylebook
    {
        try {
            if (str_ends_with(strtolower($name), '.json')) {
                $json = is_file($name) ? file_get_contents($name) : false;

                return $json === false ? throw new Usage("there is no stylebook file \"$name\"") : Stylebook::fromJson($json);
            }

            return Builtin::named($name);
        } catch (Refusal $refusal) {
            throw new Usage("$name: {$refusal->getMessage()}");
        }
    }
}
