<?php

declare(strict_types=1);

namespace FreshTack\Shop\Register;

use FreshTack\Core\Quantity\EngineHours;
use FreshTack\Core\Usage\NewMeter;
use FreshTack\Core\Usage\ReadingSource;

/** A reading as it was entered. */
final readonly class NewReading
{
    /** @param bool $sure whoever read it was asked about its size, and says that it is right */
    public function __construct(public \DateTimeImmutable $on, public EngineHours $meter, public ReadingSource $source = ReadingSource::Counter, public bool $sure = false, public ?NewMeter $newMeter = null)
    {
    }
}
