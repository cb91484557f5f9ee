<?php

declare(strict_types=1);

namespace FreshTack\Core\Procedure;

use FreshTack\Core\Plan\Opening;

/** A piece of work with its time, what must be open for it, what it changes, and its steps. */
final readonly class Operation
{
    public string $id;
    public string $title;
    public string $why;
    /** @var list<string> paths that it needs whatever the facts */
    private array $always;
    /** @var list<string> paths that decide what of it is done */
    public array $asks;
    /** Whether what of it is done depends on what else is. */
    public bool $asksForTasks;
    /** Whether a step of it shows the level that was read on arrival. */
    public bool $tellsArrival;

    public function __construct(
        Heading $heading,
        public Calling $calling,
        public Setting $setting,
        public Covers $covers,
        public Doing $doing,
    ) {
        [$this->id, $this->title, $this->why] = [$heading->id, $heading->title, $heading->why];
        $this->asks = array_values(array_unique(array_merge(
            $calling->when->paths(),
            ...array_map(static fn (Step $step): array => $step->when->paths(), $doing->steps),
            ...array_map(static fn (PartUse $part): array => $part->when->paths(), $doing->outfit->parts),
            ...array_map(static fn (ToolNeed $tool): array => $tool->when->paths(), $doing->outfit->tools),
        )));
        $this->asksForTasks = [] !== array_filter(
            $this->asks,
            static fn (string $path): bool => null !== FactPath::read($path)?->task,
        );
        $this->tellsArrival = [] !== array_filter(
            $doing->steps,
            static fn (Step $step): bool => \in_array('order.arrival', $step->needs, true),
        );
        $this->always = array_values(array_unique(array_filter(
            [...$doing->times->paths(), $setting->attitude->from],
            \is_string(...),
        )));
    }

    /** Asked by way of the facts, which remember. */
    public function calledBy(EngineFacts $facts): Called
    {
        $holds = static fn (Step|ToolNeed|PartUse $each): bool => $each->when->holds($facts);

        return new Called(
            array_values(array_filter($this->doing->steps, $holds)),
            array_values(array_filter($this->doing->outfit->tools, $holds)),
            array_values(array_filter($this->doing->outfit->parts, $holds)),
            $this->always,
        );
    }

    public function opensOrCloses(): ?Opening
    {
        return $this->covers->opens ?? $this->covers->closes;
    }
}
