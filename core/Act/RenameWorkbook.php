<?php

declare(strict_types=1);

namespace Rilvet\Act;

use Rilvet\Act\Exception\NameIsWrong;
use Rilvet\Work\Workbook;

final readonly class RenameWorkbook implements Act
{
    public function __construct(private string $name)
    {
    }

    public function on(Workbook $workbook): Workbook
    {
        $name = trim($this->name);
        if ($name === '' || mb_strlen($name) > 120 || preg_match('/[\x00-\x1F]/', $name) === 1) {
            throw NameIsWrong::workbook();
        }

        return $workbook->renamed($name);
    }

    public function reach(): Reach
    {
        return Reach::whole();
    }

    public function words(Workbook $workbook): string
    {
        return 'Workbook renamed to '.trim($this->name);
    }
}
