<?php

declare(strict_types=1);

namespace FreshTack\Core\Order;

final readonly class FilledWords
{
    /** @param string|null $warning what the shop's habits would get wrong here */
    public function __construct(
        public string $text,
        public ?string $beside = null,
        public ?string $check = null,
        public ?string $slip = null,
        public ?string $warning = null,
    ) {
    }
}
