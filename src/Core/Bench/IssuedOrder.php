<?php

declare(strict_types=1);

namespace FreshTack\Core\Bench;

use FreshTack\Core\Bench\Said\Measured;
use FreshTack\Core\Plan\Position;
use FreshTack\Core\Plan\Rig;

/** A frozen order read back: its operations with their steps, in their order, and the engines they are done at. */
final readonly class IssuedOrder
{
    /** @var list<BenchStep> */
    public array $steps;
    /** @var array<string, BenchStep> by id */
    private array $byId;
    /** @var array<string, IssuedWork> by the id of a step */
    private array $works;
    /** @var array<string, IssuedWork> by its own id */
    private array $named;
    /** @var array<string, true> */
    private array $first;
    /** @var array<string, true> */
    private array $last;
    /** @var array<string, string> label by position */
    public array $engines;
    /** @var array<string, int> by position, of the engines whose oil is changed */
    public array $capacityMl;
    /** @var array<string, int> by position, of the same */
    public array $firstPourMl;

    /**
     * @param list<IssuedWork>        $all
     * @param list<IssuedEngine>      $hung
     * @param list<PulledOil>         $oils
     * @param list<IssuedPart>        $parts    that are fitted, and those that lie at hand in case they are needed
     * @param \DateTimeImmutable|null $issuedAt null: nobody says, as where an order is only tried
     */
    public function __construct(
        public Rig $rig,
        public array $all,
        private array $hung,
        public array $oils,
        public array $parts = [],
        public ?\DateTimeImmutable $issuedAt = null,
    ) {
        $positions = array_map(static fn (IssuedEngine $engine): string => $engine->position->value, $hung);
        $this->engines = array_combine($positions, array_column($hung, 'label'));
        $this->capacityMl = array_filter(array_combine($positions, array_column($hung, 'capacityMl')), \is_int(...));
        $this->firstPourMl = array_filter(array_combine($positions, array_column($hung, 'firstPourMl')), \is_int(...));
        $byId = $works = $named = [];
        foreach ($all as $work) {
            $named[$work->work->id->text] = $work;
            foreach ($work->steps as $step) {
                $byId[$step->id] = $step;
                $works[$step->id] = $work;
            }
        }
        $this->steps = array_values($byId);
        $this->byId = $byId;
        $this->works = $works;
        $this->named = $named;
        $this->first = self::ofRig($all);
        $this->last = self::ofRig(array_reverse($all));
    }

    /** What a record calls that which was entered at a step; an unknown step is named as it is. */
    public function askedAt(string $stepId): string
    {
        $step = $this->byId[$stepId] ?? null;

        return null === $step ? $stepId : $step->asked();
    }

    /** Of a step; null: the whole rig, or a step that the order does not have. */
    public function positionOf(string $stepId): ?Position
    {
        return $this->byId[$stepId]->position ?? null;
    }

    /** @throws InvalidEntry if the order has no such step */
    public function step(string $id): BenchStep
    {
        return $this->byId[$id] ?? throw InvalidEntry::unknownStep($id);
    }

    /** @return IssuedWork|null null: the order has no such operation */
    public function work(string $id): ?IssuedWork
    {
        return $this->named[$id] ?? null;
    }

    public function workOf(BenchStep $step): IssuedWork
    {
        return $this->works[$step->id];
    }

    /** As a refusal names an engine; empty where there is but one. */
    public function nameOf(Position $position): string
    {
        return \count($this->engines) > 1 ? $position->label() : '';
    }

    public function engine(Position $position): ?IssuedEngine
    {
        return array_values(array_filter(
            $this->hung,
            static fn (IssuedEngine $engine): bool => $position === $engine->position,
        ))[0] ?? null;
    }

    /** Work on the whole rig with which it begins. */
    public function isFirst(IssuedWork $work): bool
    {
        return isset($this->first[$work->work->id->text]);
    }

    /** Work on the whole rig with which it ends. */
    public function isLast(IssuedWork $work): bool
    {
        return isset($this->last[$work->work->id->text]);
    }

    /**
     * @param list<IssuedWork> $works
     *
     * @return array<string, true> by id, up to the first that is done at an engine
     */
    private static function ofRig(array $works): array
    {
        $ids = [];
        foreach ($works as $work) {
            if (null !== $work->work->position) {
                break;
            }
            $ids[$work->work->id->text] = true;
        }

        return $ids;
    }

    /** @return list<IssuedWork> an operation, and what is done with it in one go */
    public function togetherWith(IssuedWork $work): array
    {
        $name = $work->together();

        return '' === $name ? [$work] : array_values(array_filter(
            $this->all,
            static fn (IssuedWork $other): bool => $name === $other->together() && $work->work->position === $other->work->position,
        ));
    }

    /** @return list<string> numbers of the parts that an operation fits, or what is done with it in one go */
    public function fittedBy(IssuedWork $work): array
    {
        $works = $this->togetherWith($work);
        $numbers = [];
        foreach ($this->parts as $part) {
            foreach ($works as $each) {
                $numbers = $part->isFittedBy($each) ? [...$numbers, $part->number] : $numbers;
            }
        }

        return array_values(array_unique($numbers));
    }

    /** @return list<IssuedPart> that lie ready at an operation in case they are needed */
    public function laidOutAt(IssuedWork $work): array
    {
        return array_values(array_filter($this->parts, static fn (IssuedPart $part): bool => $part->isLaidOutAt($work)));
    }

    /** @return IssuedPart|null what lies ready at an operation, by the number that a sheet has for it; null: nothing does */
    public function laidOut(IssuedWork $work, string $number): ?IssuedPart
    {
        return array_values(array_filter(
            $this->laidOutAt($work),
            static fn (IssuedPart $part): bool => $part->isCalled($number),
        ))[0] ?? null;
    }

    /** Whether a step of the operation asks, place by place, whether a part that lies ready there went on. */
    public function asksByPlace(IssuedWork $work, IssuedPart $part): bool
    {
        foreach ($work->steps as $step) {
            foreach ($step->measure->places ?? [] as $place) {
                if (null !== $place->part && $part->isCalled($place->part)) {
                    return true;
                }
            }
        }

        return false;
    }

    /** @return list<UsedPart> how many went on of each part that the step asks for place by place; 0: none was needed */
    public function usedAt(BenchStep $step, Measured $measured, Entry $entry): array
    {
        $work = $this->workOf($step);
        /** @var array<array-key, int> $counts */
        $counts = [];
        foreach ($step->measure->places ?? [] as $place) {
            $part = null === $place->part ? null : $this->laidOut($work, $place->part);
            if (null !== $part) {
                $counts[$part->number] ??= 0;
                $counts[$part->number] += $measured->isRenewed($place->key) ? 1 : 0;
            }
        }

        return array_map(
            static fn (int|string $number, int $count): UsedPart => new UsedPart((string) $number, $count, $entry),
            array_keys($counts),
            array_values($counts),
        );
    }

    public function pulled(BenchStep $step): ?PulledOil
    {
        $takes = static fn (PulledOil $oil): bool => \in_array($step->position?->value, $oil->positions, true);

        return array_values(array_filter($this->oils, $takes))[0] ?? null;
    }
}
