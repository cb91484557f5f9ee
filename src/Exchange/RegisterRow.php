<?php

declare(strict_types=1);

namespace FreshTack\Exchange;

/** A row of the register's CSV: an engine, the boat that it hangs on, and who owns that. */
final readonly class RegisterRow
{
    public function __construct(public OwnerCells $owner, public BoatCells $boat, public EngineCells $engine)
    {
    }
}
