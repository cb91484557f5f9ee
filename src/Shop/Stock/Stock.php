<?php

declare(strict_types=1);

namespace FreshTack\Shop\Stock;

/** Parts and oils on the shelf, as the documents that an order request embeds. */
interface Stock
{
    /**
     * @param list<string> $numbers
     *
     * @return list<array{number: string, description: string, bin: string, inStock: int}>
     */
    public function parts(array $numbers): array;

    /** @return list<array<string, mixed>> */
    public function oils(): array;
}
