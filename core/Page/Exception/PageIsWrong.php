<?php

declare(strict_types=1);

namespace Rilvet\Page\Exception;

use Rilvet\Refusal;

final class PageIsWrong extends Refusal
{
    private function __construct(public readonly string $rule, public readonly string $why)
    {
        parent::__construct("The page rule \"$rule\" is wrong: $why");
    }

    public static function at(string $rule, string $why): self
    {
        return new self($rule, $why);
    }

    public static function noRoom(): self
    {
        return new self('margins', 'they leave no room on the paper. Make them smaller, or take larger paper.');
    }

    public static function noPage(int $page, int $pages): self
    {
        return new self('page', "there is no page $page: the sheet prints on ".number_format($pages).($pages === 1 ? ' page.' : ' pages.'));
    }

    public static function noBreak(string $words): self
    {
        return new self('breaks', $words);
    }
}
