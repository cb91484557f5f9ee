<?php

declare(strict_types=1);

namespace FreshTack\Shop\Order;

use FreshTack\Core\Fluid\AirRange;
use FreshTack\Core\Labour\Allowance;
use FreshTack\Core\Order\ByHand;
use FreshTack\Core\Order\Place;
use FreshTack\Core\Quantity\EngineHours;
use FreshTack\Core\Quantity\InvalidQuantity;
use FreshTack\Core\Quantity\Temperature;
use FreshTack\Core\SpecBook\Task;
use FreshTack\Exchange\ByHandDocument;
use FreshTack\Shop\Register\Boat;
use FreshTack\Shop\Register\Engine;

/** What the counter has entered so far; nothing in it is computed. */
final readonly class Draft
{
    /**
     * @param list<DraftEngine> $engines
     * @param int               $technicians who work on it at once
     * @param list<string>      $kits        taken in place of loose pieces
     * @param \DateTimeImmutable|null $partsOn the day on which parts that are short are expected; null: nobody knows
     * @param ByHand            $byHand  what was changed of the computed order
     * @param list<Fill>        $fills   holes of the book that the manager filled in for this order
     */
    public function __construct(public Place $place, public int $coldestC, public int $warmestC, public string $complaint, public array $engines, public int $technicians = 1, public array $kits = [], public ?Allowance $allowance = null, public ?\DateTimeImmutable $partsOn = null, public array $fills = [], public ByHand $byHand = new ByHand())
    {
    }

    /** @param list<Fill> $fills */
    public function withFills(array $fills): self
    {
        return new self($this->place, $this->coldestC, $this->warmestC, $this->complaint, $this->engines, $this->technicians, $this->kits, $this->allowance, $this->partsOn, $fills, $this->byHand);
    }

    /** @param \Closure(DraftEngine): DraftEngine $change */
    public function withEngines(\Closure $change): self
    {
        return new self(
            $this->place,
            $this->coldestC,
            $this->warmestC,
            $this->complaint,
            array_map($change, $this->engines),
            $this->technicians,
            $this->kits,
            $this->allowance,
            $this->partsOn,
            $this->fills,
            $this->byHand,
        );
    }

    /** @throws InvalidQuantity if it is colder than can be, or the warmest is below the coldest */
    public function air(): AirRange
    {
        return AirRange::of(Temperature::ofCelsius($this->coldestC), Temperature::ofCelsius($this->warmestC));
    }

    /** Whether it is about the engines of this boat: all of them, each once. */
    public function isOf(Boat $boat): bool
    {
        $drafted = array_map(static fn (DraftEngine $engine): int => $engine->engineId, $this->engines);
        $hung = array_map(static fn (Engine $engine): int => $engine->id, $boat->engines);
        sort($drafted);
        sort($hung);

        return $drafted === $hung;
    }

    /**
     * The same with other hours where these were entered; itself if they were not.
     *
     * @throws InvalidQuantity if what was entered can't be read
     */
    public function withHours(int $engineId, EngineHours $wrong, EngineHours $right): self
    {
        $isWrong = static fn (DraftEngine $each): bool => $engineId === $each->engineId
            && null !== $each->hours && EngineHours::of($each->hours)->tenths === $wrong->tenths;
        $changed = $this->withEngines(
            static fn (DraftEngine $each): DraftEngine => $isWrong($each) ? $each->withHours($right->text()) : $each,
        );

        return $changed->engines === $this->engines ? $this : $changed;
    }

    /** @return list<Fill> */
    public function fillsOf(int $engineId): array
    {
        return array_values(array_filter($this->fills, static fn (Fill $fill): bool => $engineId === $fill->engineId));
    }

    /** @return array<string, mixed> what the counter entered; the fills are the manager's and stand apart */
    public function toArray(): array
    {
        return [
            'place' => $this->place->value,
            'coldestC' => $this->coldestC,
            'warmestC' => $this->warmestC,
            'complaint' => $this->complaint,
            'technicians' => $this->technicians,
            'kits' => $this->kits,
            'allowance' => null === $this->allowance ? null : ['minutes' => $this->allowance->minutes->count, 'reason' => $this->allowance->reason],
            'partsOn' => $this->partsOn?->format('Y-m-d'),
            'byHand' => ByHandDocument::of($this->byHand),
            'engines' => array_map(static fn (DraftEngine $engine): array => [
                'engineId' => $engine->engineId,
                'model' => $engine->model,
                'serial' => $engine->serial,
                'hours' => $engine->hours,
                'reading' => $engine->reading,
                'restMin' => $engine->restMin,
                'decision' => $engine->decision,
                'year' => $engine->year,
                'gearcase' => $engine->gearcase,
                'tasks' => array_map(static fn (Task $task): string => $task->value, $engine->tasks),
                'renew' => array_map(static fn (Task $task): string => $task->value, $engine->renew),
            ], $this->engines),
        ];
    }
}
