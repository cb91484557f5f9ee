<?php

declare(strict_types=1);

namespace FreshTack\Shop\Press;

/** One press of a button, which may be sent more than once. */
final readonly class Press
{
    /**
     * @param string $id    made by whoever pressed
     * @param string $asked SHA-256 of all that was asked for, in hexadecimal digits
     */
    public function __construct(public string $account, public string $id, public string $asked)
    {
    }
}
