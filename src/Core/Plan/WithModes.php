<?php

declare(strict_types=1);

namespace FreshTack\Core\Plan;

/** Works one behind the other, with the lockouts and changes of attitude that each needs. */
final class WithModes
{
    /** @var list<PlannedWork> */
    private array $sequence = [];
    /** @var array<string, array{string, Attitude}> by position: how it is secured, how it hangs */
    private array $engines = [];

    private function __construct(private readonly RigWorks $rig)
    {
    }

    /**
     * @param list<PlannedWork> $works
     *
     * @return list<PlannedWork> every engine handed back upright before what comes last on the rig
     */
    public static function of(RigWorks $rig, array $works): array
    {
        $all = new self($rig);
        foreach (array_filter($works, static fn (PlannedWork $work): bool => !$work->isLast()) as $work) {
            $all->place($work);
        }
        array_map($all->handBack(...), $rig->rig->positions);

        return [...$all->sequence, ...array_values(array_filter($works, static fn (PlannedWork $work): bool => $work->isLast()))];
    }

    private function place(PlannedWork $work): void
    {
        $position = $work->position;
        if (null !== $position) {
            $modes = $this->rig->modes($position);
            [$secured, $attitude] = $this->engines[$position->value] ?? ['', Attitude::Vertical];
            $free = Lockout::Free === $work->needs->lockout;
            if (!$free && 'locked' !== $secured && Lockout::Any !== $work->needs->lockout) {
                $this->add($position, $modes->lockOut);
            }
            if (null !== $work->needs->attitude && $work->needs->attitude !== $attitude) {
                $this->add($position, $modes->turn($work->needs->attitude));
            }
            if ($free && 'free' !== $secured) {
                $this->add($position, $modes->unlock);
            }
        }
        $this->add($position, $work);
    }

    private function handBack(Position $position): void
    {
        [$secured, $attitude] = $this->engines[$position->value] ?? ['', Attitude::Vertical];
        if ('free' === $secured) {
            $this->add($position, $this->rig->modes($position)->lockOut);
        }
        if (Attitude::Vertical !== $attitude) {
            $this->add($position, $this->rig->modes($position)->turn(Attitude::Vertical));
        }
        if ('' !== $secured) {
            $this->add($position, $this->rig->modes($position)->handBack);
        }
    }

    private function add(?Position $position, ?PlannedWork $work): void
    {
        if (null === $work) {
            return;
        }
        $this->sequence[] = $work;
        if (null !== $position) {
            [$secured, $attitude] = $this->engines[$position->value] ?? ['', Attitude::Vertical];
            foreach ($work->changes->effects as $effect) {
                $secured = match ($effect) {
                    Effect::LockedOut => 'locked',
                    Effect::LockoutLifted => 'free',
                    default => $secured,
                };
            }
            $this->engines[$position->value] = [$secured, $work->changes->turnsTo ?? $attitude];
        }
    }
}
