<?php

declare(strict_types=1);

namespace App\Http\Records;

/** What is entered, chosen and worked out on a sheet, and how that is guarded. */
final readonly class GuardRecord
{
    /**
     * @param  string  $role  what it is for
     * @param  string  $why  why it is read so
     * @param  bool  $isSaid  a person said it
     * @param  list<CellPartRecord>  $parts
     * @param  int  $constants  cells that hold something by themselves in columns of formulas
     * @param  list<string>  $constantsAt  the first of them
     * @param  list<EntryRecord>  $checks  of a very long list the first
     * @param  int  $more  checks that are not listed
     * @param  int  $kept  checks that the file keeps, and that are not understood here
     * @param  int  $against  cells that stand against their check
     * @param  list<string>  $againstAt  the first of them
     * @param  bool  $isAll  all cells were looked at
     * @param  list<string>  $allowed  while it is protected
     */
    public function __construct(
        public int $sheet,
        public string $role,
        public string $why,
        public bool $isSaid,
        public string $purpose,
        public array $parts,
        public int $constants,
        public array $constantsAt,
        public array $checks,
        public int $more,
        public int $kept,
        public int $against,
        public array $againstAt,
        public bool $isAll,
        public bool $isProtected,
        public bool $hasPassword,
        public array $allowed,
        public bool $isOrderProtected,
        public bool $orderHasPassword,
    ) {
    }
}
