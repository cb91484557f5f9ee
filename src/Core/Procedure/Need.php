<?php

declare(strict_types=1);

namespace FreshTack\Core\Procedure;

/** A value without which it can't even be chosen how to do a procedure. */
final readonly class Need
{
    /** @param Condition $when on which engines it is needed */
    public function __construct(public string $path, public Condition $when)
    {
    }
}
