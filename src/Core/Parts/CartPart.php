<?php

declare(strict_types=1);

namespace FreshTack\Core\Parts;

/** One number on an order, as a part that was fetched is held against it. */
final readonly class CartPart
{
    /**
     * @param list<string> $engines those that it is for, as the order calls them
     * @param list<string> $instead older numbers that led to this one
     * @param list<string> $pieces  numbers that come in it, if it is a kit
     * @param string|null  $standsFor the maker's number that it stands in for, if it is another's
     */
    public function __construct(public string $number, public string $description, public array $engines, public array $instead = [], public array $pieces = [], public ?string $standsFor = null)
    {
    }
}
