<?php

declare(strict_types=1);

namespace FreshTack\Shop\Due;

/** Marks the engines whose days a change of the book or of a policy has made old, and has them worked out anew. */
final readonly class MarkStale
{
    public function __construct(private DueIndex $index, private Background $background)
    {
    }

    /** @param list<string>|null $models all if null */
    public function __invoke(?array $models): void
    {
        if ([] !== $models) {
            $this->index->markStale($models);
            $this->background->reckonStale();
        }
    }
}
