<?php

declare(strict_types=1);

namespace FreshTack\Core\SpecBook;

/** Where a value stands: document, its revision, page. */
final readonly class Source
{
    public function __construct(public string $document, public string $revision, public string $page)
    {
    }

    public function text(): string
    {
        return \sprintf('%s, rev. %s, p. %s', $this->document, $this->revision, $this->page);
    }
}
