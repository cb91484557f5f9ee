<?php

declare(strict_types=1);

namespace FreshTack\Shop\Stock;

/** Parts and oils on the shelf, as the documents that an order request embeds. */
interface Stock
{
    /**
     * With the numbers that took their place, and with what kits among them hold.
     *
     * @param list<string> $numbers
     *
     * @return list<array<string, mixed>>
     */
    public function parts(array $numbers): array;

    /** @return list<array<string, mixed>> */
    public function oils(): array;
}
