<?php

declare(strict_types=1);

namespace FreshTack\Core\Bench;

use FreshTack\Core\Fluid\LevelAdvice;
use FreshTack\Core\Order\Level;
use FreshTack\Core\Quantity\Minutes;
use FreshTack\Core\Quantity\Volume;

/** What the entries so far say of one engine's oil. */
final readonly class EngineOilLog
{
    /**
     * @param bool             $hasRun      since the fill
     * @param 'run'|'pour'     $lastEvent   from which a rest counts
     * @param LevelAdvice|null $advice      of the last reading since the last pour or run
     * @param string|null      $lastReading as entered
     */
    public function __construct(
        public Volume $poured,
        public Volume $takenOut,
        public bool $hasRun,
        public string $lastEvent,
        public ?\DateTimeImmutable $eventAt,
        public ?LevelAdvice $advice,
        public ?string $lastReading,
    ) {
    }

    public static function empty(): self
    {
        return new self(Volume::nothing(), Volume::nothing(), false, 'run', null, null, null);
    }

    public function withPour(Volume $volume, bool $isFill, ?\DateTimeImmutable $at): self
    {
        return new self($this->poured->plus($volume), $this->takenOut, !$isFill && $this->hasRun, 'pour', $at, null, $this->lastReading);
    }

    public function withTakenOut(Volume $volume, ?\DateTimeImmutable $at): self
    {
        return new self($this->poured, $this->takenOut->plus($volume), $this->hasRun, 'pour', $at, null, $this->lastReading);
    }

    /** Of an engine that is filled later, the fill asks for another. */
    public function withRun(?\DateTimeImmutable $at): self
    {
        return new self($this->poured, $this->takenOut, true, 'run', $at, null, $this->lastReading);
    }

    public function withReading(string $reading, LevelAdvice $advice): self
    {
        return new self($this->poured, $this->takenOut, $this->hasRun, $this->lastEvent, $this->eventAt, $advice, $reading);
    }

    /** @param Level|null $level null: the engine has no reading to rest for */
    public function restRequired(?Level $level): Minutes
    {
        return match (true) {
            null === $level => Minutes::none(),
            'run' === $this->lastEvent => $level->restAfterRun,
            default => $level->restAfterPour,
        };
    }

    public function inEngineMl(): int
    {
        return $this->poured->millilitresUp() - $this->takenOut->millilitresUp();
    }
}
