<?php

declare(strict_types=1);

namespace Rilvet\Window;

/** What a selection shows of one attribute. */
final readonly class AttributeState
{
    /**
     * @param  string|null  $value  null where nothing says it
     * @param  bool  $mixed  the selection differs in it
     * @param  string  $from  where it came from, in words
     * @param  int  $layer  1 to 8; 0 where nothing says it or the layers differ
     */
    public function __construct(
        public string $name,
        public ?string $value,
        public bool $mixed,
        public string $from,
        public int $layer,
    ) {
    }
}
