<?php

declare(strict_types=1);

namespace FreshTack\Core\Parts;

final readonly class CartAnswer
{
    /**
     * @param string|null  $number  as the order writes it; null: it does not fit
     * @param list<string> $engines for which it fits
     * @param string       $message what to do
     */
    public function __construct(public CartState $state, public string $message, public ?string $number = null, public array $engines = [])
    {
    }
}
