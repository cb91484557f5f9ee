<?php

declare(strict_types=1);

namespace FreshTack\Core\Bench;

use FreshTack\Core\Quantity\Volume;

/** What somebody wrote down at the close: what there was of it, and where it went. */
final readonly class Waste
{
    /** @param Volume|int $amount pieces of what is counted */
    public function __construct(public WasteKind $kind, public Volume|int $amount, public string $container)
    {
    }

    public function asText(): string
    {
        return \sprintf(
            '%s: %s, into %s.',
            $this->kind->label(),
            $this->amount instanceof Volume ? $this->amount->inBothUnits() : (string) $this->amount,
            $this->container,
        );
    }
}
