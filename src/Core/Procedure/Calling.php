<?php

declare(strict_types=1);

namespace FreshTack\Core\Procedure;

/** When an operation is called for, and at which station of the visit it stands. */
final readonly class Calling
{
    /** @param Mode|null $mode null: work; else it is put in where it is needed */
    public function __construct(public Scope $scope, public Phase $phase, public Condition $when, public ?Mode $mode = null)
    {
    }
}
