<?php

declare(strict_types=1);

namespace Rilvet\Ods;

use Rilvet\Grid\Address;
use Rilvet\Page\PageSetup;
use XMLReader;

/** Where pages of a table end, and what is repeated on them (ISO/IEC 26300-1 9.1.3, 9.1.4), met while its rows are taken. */
final class PageMarks
{
    /** @var list<int> rows after which a page ends */
    public array $rows = [];

    /** @var list<int> columns after which one does */
    public array $columns = [];

    /** @var array<string, string> what is repeated on every page: titleRows, titleColumns, as page rules say it */
    public array $titles = [];

    /** @var array<string, int> where what is repeated begins, while it is being read */
    private array $from = [];

    public function breakAfter(bool $ofRows, int $at): void
    {
        if ($at < 1 || $at >= ($ofRows ? Address::ROWS : Address::COLUMNS)) {
            return;
        }
        if ($ofRows) {
            count($this->rows) < PageSetup::BREAKS && $this->rows[] = $at;
        } else {
            count($this->columns) < PageSetup::BREAKS && $this->columns[] = $at;
        }
    }

    /**
     * At the beginning or the end of an element.
     *
     * @param  int  $row  the next one
     */
    public function at(XMLReader $reader, int $row, int $column): void
    {
        $rule = ['table-header-rows' => 'titleRows', 'table-header-columns' => 'titleColumns'][$reader->localName] ?? null;
        if ($rule === null) {
            return;
        }
        [$next, $most] = $rule === 'titleRows' ? [$row, Address::ROWS] : [$column, Address::COLUMNS];
        if ($reader->nodeType === XMLReader::ELEMENT) {
            $this->from[$rule] = $next;
        } elseif ($reader->nodeType === XMLReader::END_ELEMENT && isset($this->from[$rule]) && $next > $this->from[$rule]) {
            $this->titles[$rule] ??= $this->from[$rule].':'.min($next - 1, $most);
        }
    }
}
