<?php

declare(strict_types=1);

namespace Rilvet\Ods\Table;

use Rilvet\Grid\Aspect;
use Rilvet\Guard\Password;
use Rilvet\Guard\Protection;
use Rilvet\Ods\Ns;
use Rilvet\Ods\OdsBook;
use Rilvet\Ods\OdsTable;
use Rilvet\Ods\StyleMaps;
use Rilvet\Paper\Printed;
use Rilvet\Work\Worksheet;

/** How it is protected (19.696 to 19.698). */
final class ProtectionPiece extends TablePiece
{
    public static function read(OdsBook $book, OdsTable $table, StyleMaps $maps): Aspect
    {
        return new Protection(password: $table->isProtected ? $table->password : null);
    }

    public static function attributes(Worksheet $sheet, Printed $pages): string
    {
        return $sheet->setup->tab->protected ? ' table:protected="true"'.self::key($sheet->aspect(Protection::class)->password) : '';
    }

    /** The key of a protection that came from an ods; one that was made otherwise has no form there. */
    public static function key(?Password $password): string
    {
        $key = $password?->forOds();
        if ($password === null || $key === null) {
            return '';
        }
        $algorithm = array_search($password->algorithm, Password::ODS, true);

        return $algorithm === false ? '' : ' table:protection-key="'.Ns::text($key)
            ."\" table:protection-key-digest-algorithm=\"$algorithm\"";
    }
}
