<?php

declare(strict_types=1);

namespace App\Files;

use Rilvet\Intake\Exception\FileIsWrong;

/** What a file is, by its content first and its ending second. */
enum FileKind: string
{
    case Delimited = 'delimited';
    case Xlsx = 'xlsx';
    case Ods = 'ods';

    /** Workbooks of the xlsx kind: usual ones, those with macros, and those that others are made from. */
    public const XLSX = ['xlsx', 'xlsm', 'xltx'];

    private const ODS = ['ods', 'ots'];

    /** Endings of what is offered and watched for; texts under other names are taken as well. */
    public const ENDINGS = ['csv', 'tsv', 'tab', 'txt', ...self::XLSX, ...self::ODS];

    private const PICTURES = [
        "\x89PNG" => 'a PNG picture',
        "\xFF\xD8\xFF" => 'a JPEG picture',
        'GIF8' => 'a GIF picture',
        '%PDF' => 'a PDF document',
    ];

    /** @throws FileIsWrong when it is nothing that can be brought in */
    public static function of(string $path, string $name): self
    {
        $head = (string) file_get_contents($path, false, null, 0, 8);
        $ending = strtolower(pathinfo($name, PATHINFO_EXTENSION));
        if ($head === '') {
            throw FileIsWrong::empty();
        }
        foreach (self::PICTURES as $start => $what) {
            if (str_starts_with($head, $start)) {
                throw FileIsWrong::package("\"$name\" is $what, whatever its name says. Bring in csv, tsv, xlsx or ods.");
            }
        }
        if (str_starts_with($head, "\xD0\xCF\x11\xE0")) {
            throw FileIsWrong::package(
                "\"$name\" is protected by a password, or is of an older binary format. Open it where it was made and save it without a "
                .'password as xlsx.',
            );
        }
        $isZip = str_starts_with($head, "PK\x03\x04") || str_starts_with($head, "PK\x05\x06");
        if ($isZip) {
            return match (true) {
                in_array($ending, self::ODS, true) => self::Ods,
                in_array($ending, self::XLSX, true) => self::Xlsx,
                default => throw FileIsWrong::package("\"$name\" is a zip archive. Unpack it, and bring in the tables that are in it."),
            };
        }
        if (in_array($ending, [...self::XLSX, ...self::ODS], true)) {
            throw FileIsWrong::package(
                "\"$name\" is no $ending file: it does not begin like a zip package. It may be cut off or be something else under "
                .'that name.',
            );
        }
        if (! in_array($ending, ['csv', 'tsv', 'tab', 'txt', 'text', 'dat', 'psv', ''], true)) {
            throw FileIsWrong::unknownKind($name);
        }

        return self::Delimited;
    }
}
