<?php

declare(strict_types=1);

namespace Tests\Core;

use App\Demo\Nursery;
use App\Files\Opening;
use PhpOffice\PhpSpreadsheet\Writer\Xlsx;
use Rilvet\Grid\MemoryBlockStore;
use Rilvet\Work\Workbook;

/** The demo's workbooks, as they come in from a file. */
final class DemoBook
{
    /** @param  'year'|'site'  $demo */
    public static function named(string $demo): Workbook
    {
        $file = sys_get_temp_dir().'/rilvet-demo-'.getmypid()."-$demo.xlsx";
        if (! is_file($file)) {
            (new Xlsx($demo === 'year' ? (new Nursery)->year() : (new Nursery)->site()))->save($file);
            register_shutdown_function(fn () => @unlink($file));
        }

        return (new Opening(fn () => new MemoryBlockStore))->open($file, "$demo.xlsx");
    }
}
