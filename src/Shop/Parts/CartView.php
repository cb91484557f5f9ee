<?php

declare(strict_types=1);

namespace FreshTack\Shop\Parts;

use FreshTack\Core\Parts\CartAnswer;
use FreshTack\Shop\Order\OrderFile;

final readonly class CartView
{
    /**
     * @param string             $boat      its name
     * @param list<Confirmation> $confirmed
     * @param CartAnswer|null    $answer    to the number that was just held against it
     */
    public function __construct(public OrderFile $file, public string $boat, public array $confirmed, public ?CartAnswer $answer = null)
    {
    }
}
