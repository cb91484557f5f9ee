<?php

declare(strict_types=1);

namespace FreshTack\Core\SpecBook;

/** What is known of one engine's identity: model and serial number from its plate; year and gearcase only if somebody looked. */
final readonly class Plate
{
    public function __construct(public string $model, public string $serial, public ?int $year = null, public ?string $gearcase = null)
    {
    }

    public function isSameAs(self $other): bool
    {
        return [$this->model, $this->serial, $this->year, $this->gearcase] === [
            $other->model,
            $other->serial,
            $other->year,
            $other->gearcase,
        ];
    }
}
