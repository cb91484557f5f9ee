<?php

declare(strict_types=1);

namespace FreshTack\Shop\Register;

use FreshTack\Core\Plan\Position;
use FreshTack\Core\SpecBook\SpecSheet;

final readonly class Boat
{
    /**
     * @param list<Engine> $engines   port to starboard
     * @param int|null     $openOrder the newest order that it is in with
     */
    public function __construct(
        public int $id,
        public string $name,
        public string $kind,
        public string $registration,
        public Customer $owner,
        public BoatUse $use,
        public array $engines,
        public int $version,
        public ?int $openOrder = null,
    ) {
    }

    public function ownedBy(Customer $owner): self
    {
        return new self($this->id, $this->name, $this->kind, $this->registration, $owner, $this->use, $this->engines, $this->version, $this->openOrder);
    }

    public function engine(int $id): ?Engine
    {
        foreach ($this->engines as $engine) {
            if ($id === $engine->id) {
                return $engine;
            }
        }

        return null;
    }

    /** The sheet of one of its engines, with what the boat adds at it. */
    public function beside(SpecSheet $sheet, Engine $engine): SpecSheet
    {
        $separators = $this->use->separators;

        return $separators->areCountedAt($engine->id === ($this->engines[0]->id ?? null)) ? $separators->beside($sheet) : $sheet;
    }

    public function at(Position $position): ?Engine
    {
        foreach ($this->engines as $engine) {
            if ($position === $engine->position) {
                return $engine;
            }
        }

        return null;
    }
}
