<?php

declare(strict_types=1);

namespace FreshTack\Core\Bench;

use FreshTack\Core\Bench\Said\Found;
use FreshTack\Core\Bench\Said\Measured;
use FreshTack\Core\Bench\Said\Seen;
use FreshTack\Core\Finding\Answer;
use FreshTack\Core\Finding\AnswerTable;
use FreshTack\Core\Finding\Observation;
use FreshTack\Core\Finding\ShopAnswers;
use FreshTack\Core\Finding\Verdict;
use FreshTack\Core\Plan\Gate;
use FreshTack\Core\Plan\Position;

/** What stops the work until somebody decides: something found, or something that was not to happen and did. */
final readonly class Stop
{
    private const HAPPENED = 'happened';
    /** By itself, or by an answer of the shop's own. */
    private const FOUND = 'found';
    /** What endangers the whole rig and not its engine alone. */
    private const OF_THE_RIG = [
        Gate::RigFuelTight,
        Gate::FuelTight,
        Gate::FuelPanShut,
        Gate::NoVapour,
        Gate::SharedLockout,
        Gate::NeighboursClear,
        Gate::FuelNext,
    ];

    /**
     * @param string        $key      of what was seen, or that it happened all the same
     * @param Position|null $position null: it stops the whole rig
     */
    private function __construct(
        public string $entry,
        public string $stepId,
        public string $key,
        public ?Position $position,
        public string $label,
        public string $meaning,
        public string $instruction,
    ) {
    }

    /** @return list<self> one for each thing seen that stops the work */
    public static function found(Entry $entry, BenchStep $step): array
    {
        $content = $entry->content;
        $seen = $content->as(Seen::class)?->answer;
        $found = $content->as(Found::class);
        $stops = Verdict::Stop === $seen?->verdict ? [self::seen($entry, $step, $seen)] : [];
        foreach ($content->as(Measured::class)?->with(Verdict::Stop) ?? [] as $each) {
            $stops[] = new self($entry->uuid, $step->id, $each->code, $step->position, $each->text, $each->meaning, $each->instruction);
        }
        if (null !== $found && Verdict::Stop === $found->verdict) {
            $stops[] = new self($entry->uuid, $step->id, self::FOUND, $step->position, $found->asText(), $found->words, Answer::CALL);
        }

        return $stops;
    }

    private static function seen(Entry $entry, BenchStep $step, Answer $seen): self
    {
        // nobody knows whether a leak of the shop's own wording is one of fuel
        $isOfRig = Observation::LeaksFuel->value === $seen->code || str_starts_with($seen->code, ShopAnswers::OWN.'leaks.');
        $position = $isOfRig ? null : $step->position;

        return new self($entry->uuid, $step->id, $seen->code, $position, $seen->label, $seen->meaning, $seen->instruction);
    }

    /** @param string $why what speaks against it */
    public static function happened(Entry $entry, BenchStep $step, ?Gate $gate, string $why): self
    {
        return new self(
            $entry->uuid,
            $step->id,
            self::HAPPENED,
            \in_array($gate, self::OF_THE_RIG, true) ? null : $step->position,
            self::labelOf(self::HAPPENED).': '.lcfirst($step->title),
            $why,
            Answer::CALL,
        );
    }

    /** As a board shows what it has kept of it. */
    public static function labelOf(string $key): string
    {
        return match ($key) {
            self::HAPPENED => 'Happened all the same',
            default => AnswerTable::find($key)->label ?? 'Something found',
        };
    }

    public function isOf(?Position $position): bool
    {
        return null === $this->position || null === $position || $position === $this->position;
    }
}
