<?php

declare(strict_types=1);

namespace FreshTack\Core\Procedure;

use FreshTack\Core\Plan\Gate;
use FreshTack\Core\Plan\Opening;

/** What must be open and what closed for an operation, and what it opens or closes itself. */
final readonly class Covers
{
    /**
     * @param list<Opening> $open
     * @param list<Opening> $shut
     * @param list<Gate>    $only what must be so, beside what its effects ask for
     */
    public function __construct(public array $open, public array $shut, public ?Opening $opens, public ?Opening $closes, public array $only)
    {
    }
}
