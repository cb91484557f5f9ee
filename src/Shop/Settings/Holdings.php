<?php

declare(strict_types=1);

namespace FreshTack\Shop\Settings;

/** How much of what a shop has. */
final readonly class Holdings
{
    public function __construct(
        public int $models,
        public int $publishedSheets,
        public int $oils,
        public int $parts,
        public int $boats,
        public int $technicians,
        public int $reviewers,
    ) {
    }
}
