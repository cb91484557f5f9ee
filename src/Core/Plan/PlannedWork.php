<?php

declare(strict_types=1);

namespace FreshTack\Core\Plan;

/** One operation as a plan sees it: at which engine, what it needs, what it changes, and whose time it takes. */
final readonly class PlannedWork
{
    public ?Position $position;

    public function __construct(
        public WorkId $id,
        public string $title,
        public Needs $needs = new Needs(),
        public Changes $changes = new Changes(),
        public Hands $hands = new Hands(),
        public Standing $standing = new Standing(),
    ) {
        $this->position = $id->position;
    }

    /** Work on the rig that comes before all that is done at the engines. */
    public function isFirst(): bool
    {
        return null === $this->position && Frame::First === $this->standing->frame;
    }

    /** Work on the rig that comes after all that is done at the engines. */
    public function isLast(): bool
    {
        return null === $this->position && Frame::Last === $this->standing->frame;
    }

    public function has(Effect $effect): bool
    {
        return $this->changes->has($effect);
    }

    /** @return list<Gate> what must be so before it, each once; what it brings about itself is not asked for */
    public function gates(): array
    {
        $gates = array_column(
            array_map(static fn (Gate $gate): array => [$gate->value, $gate], [...$this->needs->lockout->gates(), ...$this->needs->gates]),
            1,
            0,
        );
        unset($gates[Gate::AttitudeSaid->value]);
        $state = EngineState::unknown();
        foreach ($this->changes->effects as $effect) {
            foreach (Gate::before($effect) as $gate) {
                if (!$state->meets($gate)) {
                    $gates[$gate->value] = $gate;
                }
            }
            $state = $state->after($effect);
        }

        return array_values($gates);
    }

    public function named(WorkId $id): self
    {
        return new self($id, $this->title, $this->needs, $this->changes, $this->hands, $this->standing);
    }
}
