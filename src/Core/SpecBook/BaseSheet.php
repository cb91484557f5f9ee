<?php

declare(strict_types=1);

namespace FreshTack\Core\SpecBook;

/** The family sheet that a sheet builds on, by its exact revision: what it says can't change underneath. */
final readonly class BaseSheet
{
    public function __construct(public string $sheet, public int $revision)
    {
    }

    public function name(): string
    {
        return \sprintf('%s rev. %d', $this->sheet, $this->revision);
    }
}
