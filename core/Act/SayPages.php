<?php

declare(strict_types=1);

namespace Rilvet\Act;

use Rilvet\Page\PageRules;
use Rilvet\Page\PageSetup;
use Rilvet\Work\Workbook;

/** Says how sheets go to paper; what is taken back is left to the stylebook or the file again. */
final readonly class SayPages implements Act
{
    /**
     * @param  non-empty-list<int>  $sheets
     * @param  list<string>  $back  rules that are no longer said here
     */
    public function __construct(private array $sheets, private PageRules $says, private array $back = [])
    {
    }

    public function on(Workbook $workbook): Workbook
    {
        foreach ($this->sheets as $number) {
            $sheet = $workbook->sheet($number);
            $setup = $sheet->aspect(PageSetup::class);
            $workbook = $workbook->withSheet($number, $sheet->withAspects(
                $setup->saying($this->says->over($setup->said->without($this->back)))));
        }

        return $workbook;
    }

    public function reach(): Reach
    {
        return Reach::whole(...$this->sheets);
    }

    public function words(Workbook $workbook): string
    {
        $many = count($this->sheets);
        $where = $many === 1 ? $workbook->sheet($this->sheets[0])->name : "$many sheets";

        return ($this->says->isEmpty() ? 'Page rules taken back' : 'Pages set').", $where";
    }
}
