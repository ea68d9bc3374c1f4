<?php

declare(strict_types=1);

namespace Rilvet\Pdf;

use Rilvet\Paper\TableRow;

/**
 * What a document says to somebody who has it read aloud (ISO 32000-1, 14.7 and 14.8; ISO 14289-1, 7): a section a sheet, in it
 * headings, paragraphs and tables with their rows, headings and cells. What is done with is written, and forgotten.
 */
final class Structure
{
    private readonly int $root;

    private readonly int $document;

    /** @var list<int> */
    private array $sections = [];

    private int $section = 0;

    private string $kids = '';

    /** @var array<string, array{int, string}> tables of the section: number, rows so far */
    private array $tables = [];

    private ?TableRow $row = null;

    private int $rowNumber = 0;

    /** @var array<int, array{int, string}> cells of the row that say something: number, what is theirs */
    private array $cells = [];

    /** @var array<int, int> which element each stretch of the page belongs to */
    private array $marks = [];

    private int $page = 0;

    /** What a page, or a link, belongs to: entries of the tree of parents. */
    private string $parents = '';

    private int $next = 0;

    public function __construct(private readonly PdfFile $file)
    {
        $this->root = $file->reserve();
        $this->document = $file->reserve();
    }

    public function root(): int
    {
        return $this->root;
    }

    public function section(): void
    {
        $this->leaveSection();
        $this->section = $this->file->reserve();
        $this->sections[] = $this->section;
    }

    /** @return int the number by which the page is found among the parents */
    public function page(int $page): int
    {
        $this->page = $page;
        $this->marks = [];

        return $this->next++;
    }

    public function leavePage(int $key): void
    {
        $this->leaveRow();
        $list = $this->file->reserve();
        $this->file->put($list, '['.PdfFile::list(array_values($this->marks)).']');
        $this->parents .= "$key $list 0 R ";
    }

    public function row(TableRow $row): void
    {
        $this->leaveRow();
        $this->row = $row;
        $this->rowNumber = $this->file->reserve();
        if (! isset($this->tables[$row->table])) {
            $table = $this->file->reserve();
            $this->tables[$row->table] = [$table, ''];
            $this->kids .= "$table 0 R ";
        }
        $this->tables[$row->table][1] .= "$this->rowNumber 0 R ";
    }

    /** @return int the number of the stretch of the page that is the cell's */
    public function cell(int $column): int
    {
        $number = $this->cells[$column][0] ?? $this->file->reserve();
        $mark = count($this->marks);
        $this->marks[] = $number;
        $this->cells[$column] = [$number, ($this->cells[$column][1] ?? '')."$mark "];

        return $mark;
    }

    /** A link that stands in a cell: the number by which it is found among the parents. */
    public function link(int $column, int $annotation): int
    {
        [$number, $own] = $this->cells[$column];
        $link = $this->file->reserve();
        // What the cell said so far is what the link says.
        $this->file->put($link, "<</Type/StructElem/S/Link/P $number 0 R/Pg $this->page 0 R/K[$own<</Type/OBJR/Obj $annotation 0 R>>]>>");
        foreach (explode(' ', trim($own)) as $mark) {
            ctype_digit($mark) && $this->marks[(int) $mark] = $link;
        }
        $this->cells[$column] = [$number, "$link 0 R "];
        $key = $this->next++;
        $this->parents .= "$key $link 0 R ";

        return $key;
    }

    /** @return int the number of the stretch of the page that is the paragraph's */
    public function paragraph(string $role): int
    {
        $this->leaveRow();
        $number = $this->file->reserve();
        $mark = count($this->marks);
        $this->marks[] = $number;
        $this->kids .= "$number 0 R ";
        $this->file->put($number, "<</Type/StructElem/S/$role/P $this->section 0 R/Pg $this->page 0 R/K $mark>>");

        return $mark;
    }

    public function finish(): void
    {
        $this->leaveSection();
        $kids = PdfFile::list($this->sections);
        $this->file->put($this->document, "<</Type/StructElem/S/Document/P $this->root 0 R/K[$kids]>>");
        $tree = $this->file->reserve();
        $this->file->put($tree, "<</Nums[$this->parents]>>");
        $this->file->put($this->root, "<</Type/StructTreeRoot/K[$this->document 0 R]/ParentTree $tree 0 R/ParentTreeNextKey $this->next>>");
    }

    private function leaveSection(): void
    {
        $this->leaveRow();
        foreach ($this->tables as [$table, $rows]) {
            $this->file->put($table, "<</Type/StructElem/S/Table/P $this->section 0 R/K[$rows]>>");
        }
        if ($this->section !== 0) {
            $this->file->put($this->section, "<</Type/StructElem/S/Sect/P $this->document 0 R/K[$this->kids]>>");
        }
        [$this->tables, $this->kids, $this->section] = [[], '', 0];
    }

    private function leaveRow(): void
    {
        if ($this->row === null) {
            return;
        }
        $kids = '';
        foreach ($this->row->cells as $column => [$isHeading, $of, $columns, $rows]) {
            [$number, $own] = $this->cells[$column] ?? [$this->file->reserve(), ''];
            $says = ($isHeading && $of !== '' ? "/Scope/$of" : '')
                .($columns > 1 ? "/ColSpan $columns" : '')
                .($rows > 1 ? "/RowSpan $rows" : '');
            $this->file->put($number, '<</Type/StructElem/S/'.($isHeading ? 'TH' : 'TD')."/P $this->rowNumber 0 R"
                .($own === '' ? '' : "/Pg $this->page 0 R/K[$own]")
                .($says === '' ? '' : "/A<</O/Table$says>>").'>>');
            $kids .= "$number 0 R ";
        }
        $this->file->put($this->rowNumber, '<</Type/StructElem/S/TR/P '.$this->tables[$this->row->table][0]." 0 R/K[$kids]>>");
        [$this->row, $this->cells] = [null, []];
    }
}
