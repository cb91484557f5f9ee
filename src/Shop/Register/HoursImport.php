<?php

declare(strict_types=1);

namespace FreshTack\Shop\Register;

use FreshTack\Core\Quantity\EngineHours;

/** What a file of readings gives. */
final readonly class HoursImport
{
    /** @param list<array{row: int, serial: string, on: \DateTimeImmutable, hours: EngineHours}> $readings that are new */
    public function __construct(public array $readings, public int $new, public int $same)
    {
    }
}
