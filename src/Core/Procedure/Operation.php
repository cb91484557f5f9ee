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
        $this->tellsArrival = [] !== array_filter(
            $doing->steps,
            static fn (Step $step): bool => \in_array('order.arrival', $step->needs, true),
        );
        $this->always = array_values(array_unique(array_filter(
            [...$doing->times->paths(), $setting->attitude->from],
            \is_string(...),
        )));
    }

    /** @return list<string> every path that it needs of these facts, each once */
    public function needs(EngineFacts $facts): array
    {
        $parts = array_filter($this->doing->outfit->parts, static fn (PartUse $part): bool => $part->when->holds($facts));
        $needs = array_merge(
            $this->always,
            array_values(array_filter(
                array_map(static fn (ToolNeed $tool): ?string => $tool->size, $this->tools($facts)),
                \is_string(...),
            )),
            array_map(static fn (PartUse $part): string => $part->field, array_values($parts)),
            ...array_map(static fn (Step $step): array => $step->needs, $this->steps($facts)),
        );

        return array_values(array_unique($needs));
    }

    /** @return list<ToolNeed> likewise */
    public function tools(EngineFacts $facts): array
    {
        return array_values(array_filter($this->doing->outfit->tools, static fn (ToolNeed $tool): bool => $tool->when->holds($facts)));
    }

    /** @return list<Step> those that these facts call for */
    public function steps(EngineFacts $facts): array
    {
        return array_values(array_filter($this->doing->steps, static fn (Step $step): bool => $step->when->holds($facts)));
    }

    public function opensOrCloses(): ?Opening
    {
        return $this->covers->opens ?? $this->covers->closes;
    }
}
