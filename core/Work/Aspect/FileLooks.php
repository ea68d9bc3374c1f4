<?php

declare(strict_types=1);

namespace Rilvet\Work\Aspect;

use Rilvet\Grid\RowOrder;
use Rilvet\Look\Facet;
use Rilvet\Look\LookBook;

/** The looks that came with the file. */
final readonly class FileLooks extends LookLayer
{
    public static function name(): string
    {
        return 'file';
    }

    /** Fills and borders stay where they are when rows change places, since they belong to the place: a stripe is no part of a row. */
    public function ordered(RowOrder $order, LookBook $looks): self
    {
        return new self(
            $this->looks->ordered(
                $order->range(),
                $order->from,
                fn (int $comes, int $there) => $looks->number(
                    $looks
                        ->look($there)
                        ->facet(Facet::Fill, Facet::Borders)
                        ->under($looks->look($comes)->facet(Facet::Type, Facet::Number, Facet::Place, Facet::Guard)),
                ),
            ),
        );
    }
}
