<?php

declare(strict_types=1);

namespace FreshTack\Core\Bench;

use FreshTack\Core\Fluid\DipstickReading;
use FreshTack\Core\Fluid\EarlierReading;
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
     * @param DipstickReading|null    $earlier   with which the next has to agree: read since the last pour and run
     * @param \DateTimeImmutable|null $earlierAt null: nobody knows when
     */
    public function __construct(
        public Volume $poured,
        public Volume $takenOut,
        public bool $hasRun,
        public string $lastEvent,
        public ?\DateTimeImmutable $eventAt,
        public ?LevelAdvice $advice,
        public ?string $lastReading,
        private ?DipstickReading $earlier = null,
        public ?\DateTimeImmutable $earlierAt = null,
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

    /** One that comes too soon after the first of two leaves that as it is. */
    public function withReading(DipstickReading $reading, LevelAdvice $advice, ?\DateTimeImmutable $at): self
    {
        $isTooSoon = false === $this->earlier($at)?->isFarEnough();

        return new self(
            $this->poured,
            $this->takenOut,
            $this->hasRun,
            $this->lastEvent,
            $this->eventAt,
            $advice,
            $reading->text(),
            $isTooSoon ? $this->earlier : $reading,
            $isTooSoon ? $this->earlierAt : $at,
        );
    }

    /** The reading since the last pour and run with which one of this moment has to agree; null: none, or nobody knows when. */
    public function earlier(?\DateTimeImmutable $at): ?EarlierReading
    {
        $ago = null === $at || null === $this->earlierAt ? null : intdiv($at->getTimestamp() - $this->earlierAt->getTimestamp(), 60);

        return null === $this->earlier || null === $ago || $ago < 0 ? null : new EarlierReading($this->earlier, Minutes::count($ago));
    }

    /** From when on the second of two readings counts; null: there was no first since the last pour and run. */
    public function secondFrom(): ?\DateTimeImmutable
    {
        return $this->earlierAt?->add(new \DateInterval(\sprintf('PT%dM', EarlierReading::APART_MIN)));
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
