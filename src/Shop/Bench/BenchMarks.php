<?php

declare(strict_types=1);

namespace FreshTack\Shop\Bench;

use FreshTack\Shop\NotFound;

/** Whether anything has happened at an order's bench, at the cost of one look. */
interface BenchMarks
{
    /**
     * @return string another one whenever something was entered, held at the cart, taken on, or moved to another status
     *
     * @throws NotFound
     */
    public function of(int $number): string;
}
