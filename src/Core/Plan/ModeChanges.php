<?php

declare(strict_types=1);

namespace FreshTack\Core\Plan;

/** How one engine is locked out, made ready to start, handed back, and turned into an attitude. */
final readonly class ModeChanges
{
    /** @param array<string, PlannedWork> $turns by attitude */
    public function __construct(
        public ?PlannedWork $lockOut,
        public ?PlannedWork $unlock,
        public ?PlannedWork $handBack,
        public array $turns,
    ) {
    }

    public function turn(Attitude $to): ?PlannedWork
    {
        return $this->turns[$to->value] ?? null;
    }

    /**
     * Works that belong together, with the changes between them. A change that the book does not know is left out: the
     * gates then refuse the plan.
     *
     * @param non-empty-list<PlannedWork> $works on an engine that is locked out
     *
     * @return non-empty-list<PlannedWork> it is locked out again at the end
     */
    public function around(array $works): array
    {
        $all = [];
        $free = false;
        $attitude = null;
        foreach ($works as $work) {
            $wants = $work->needs->attitude;
            $back = $free && Lockout::Free !== $work->needs->lockout && Lockout::Any !== $work->needs->lockout;
            $turn = null !== $wants && null !== $attitude && $wants !== $attitude ? $this->turn($wants) : null;
            $lift = !$free && Lockout::Free === $work->needs->lockout;
            $all = [...$all, ...array_values(array_filter([$back ? $this->lockOut : null, $turn, $lift ? $this->unlock : null])), $work];
            $free = ($free && !$back || $lift) && !$work->has(Effect::LockedOut);
            $attitude = $work->changes->turnsTo ?? $wants ?? $attitude;
        }

        return $free && null !== $this->lockOut ? [...$all, $this->lockOut] : $all;
    }
}
