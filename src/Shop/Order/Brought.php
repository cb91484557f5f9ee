<?php

declare(strict_types=1);

namespace FreshTack\Shop\Order;

use FreshTack\Core\Reading\Cursor;
use FreshTack\Core\SpecBook\Plate;

/** What a check-in wrote into the register, so that it can be taken back if another boat had come. */
final readonly class Brought
{
    /**
     * @param array<int, int>                             $readings lines of the log, by engine
     * @param array<int, array{from: Plate, meter: bool}> $plates   as they were before, by engine
     */
    public function __construct(public array $readings = [], public array $plates = [])
    {
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        $plates = [];
        foreach ($this->plates as $engine => ['from' => $plate, 'meter' => $meter]) {
            $plates[] = [
                'engine' => $engine,
                'model' => $plate->model,
                'serial' => $plate->serial,
                'year' => $plate->year,
                'gearcase' => $plate->gearcase,
                'hasMeter' => $meter,
            ];
        }

        return [
            'readings' => array_map(
                static fn (int $engine, int $line): array => ['engine' => $engine, 'line' => $line],
                array_keys($this->readings),
                $this->readings,
            ),
            'plates' => $plates,
        ];
    }

    public static function stored(Cursor $brought): self
    {
        $readings = $plates = [];
        foreach ($brought->at('readings')->list(0, 5) as $reading) {
            $readings[$reading->at('engine')->int(1, \PHP_INT_MAX)] = $reading->at('line')->int(1, \PHP_INT_MAX);
        }
        foreach ($brought->at('plates')->list(0, 5) as $plate) {
            $plates[$plate->at('engine')->int(1, \PHP_INT_MAX)] = [
                'from' => new Plate(
                    $plate->at('model')->string(),
                    $plate->at('serial')->string(),
                    $plate->at('year')->optionalInt(1960, 2100),
                    $plate->at('gearcase')->optionalString(),
                ),
                'meter' => $plate->at('hasMeter')->bool(),
            ];
        }

        return new self($readings, $plates);
    }
}
