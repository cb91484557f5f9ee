<?php

declare(strict_types=1);

namespace FreshTack\Core\Procedure;

/** A part that an operation uses up; a single-use part is added by itself and can't be dropped. */
final readonly class PartUse
{
    public function __construct(public string $field, public bool $singleUse)
    {
    }
}
