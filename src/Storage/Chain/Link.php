<?php

declare(strict_types=1);

namespace FreshTack\Storage\Chain;

/** One row of a chain, and where its seal stands. */
final readonly class Link
{
    /**
     * @param string               $name    for people, such as "entry 3"
     * @param array<string, mixed> $key     of its row
     * @param list<string>         $content
     */
    public function __construct(
        public string $name,
        public string $table,
        public string $column,
        public array $key,
        public array $content,
        public string $seal,
    ) {
    }
}
