<?php

declare(strict_types=1);

namespace FreshTack\Core\Procedure;

use FreshTack\Core\Plan\Effect;
use FreshTack\Core\Plan\EngineState;
use FreshTack\Core\Plan\Gate;
use FreshTack\Core\Plan\Opening;
use FreshTack\Core\Quantity\Minutes;

/** A piece of work with its hands-on minutes, what must be open for it, what it changes, and its steps. */
final readonly class Operation
{
    /** @var list<string> paths that it needs whatever the facts */
    private array $always;
    /** @var list<string> paths that decide what of it is done */
    public array $asks;
    /** @var list<Gate> what must be so before it */
    public array $gates;
    /** Whether a step of it shows the level that was read on arrival. */
    public bool $tellsArrival;

    /**
     * @param string|null    $unattendedFrom path of the sheet's value for the unattended minutes
     * @param string|null    $restFrom       path of the sheet's value for the rest that must be over before it
     * @param list<Opening>  $openings       what must be open
     * @param list<Opening>  $shut           what must be closed
     * @param list<Gate>     $only           what must be so, beside what its effects ask for
     * @param list<Effect>   $effects        in the order in which they happen
     * @param list<PartUse>  $parts
     * @param list<ToolNeed> $tools
     * @param list<Caution>  $cautions
     * @param list<Step>     $steps
     */
    public function __construct(
        public string $id,
        public string $title,
        public Scope $scope,
        public Phase $phase,
        public Minutes $attended,
        public Minutes $unattended,
        public ?string $unattendedFrom,
        public ?string $restFrom,
        public Condition $when,
        public Setting $setting,
        public array $openings,
        public array $shut,
        public ?Opening $opens,
        public ?Opening $closes,
        public array $only,
        public array $effects,
        public array $parts,
        public array $tools,
        public array $cautions,
        public string $why,
        public array $steps,
    ) {
        $sizes = array_map(static fn (ToolNeed $tool): ?string => $tool->size, $tools);
        $this->asks = array_values(array_unique(array_merge(
            $when->paths(),
            ...array_map(static fn (Step $step): array => $step->when->paths(), $steps),
            ...array_map(static fn (PartUse $part): array => $part->when->paths(), $parts),
        )));
        $this->gates = $this->before();
        $this->tellsArrival = \in_array('order.arrival', array_merge(...array_map(static fn (Step $step): array => $step->needs, $steps)), true);
        $this->always = array_values(array_unique(array_filter([...$sizes, $unattendedFrom, $restFrom, $setting->attitudeFrom], \is_string(...))));
    }

    /** @return list<string> every path that it needs of these facts, each once */
    public function needs(EngineFacts $facts): array
    {
        $needs = $this->always;
        foreach ($this->steps as $step) {
            if ($step->when->holds($facts)) {
                array_push($needs, ...$step->needs);
            }
        }
        foreach ($this->parts as $part) {
            if ($part->when->holds($facts)) {
                $needs[] = $part->field;
            }
        }

        return array_values(array_unique($needs));
    }

    /** @return list<Gate> what must be so before it, each once; what it brings about itself is not asked for */
    private function before(): array
    {
        $gates = array_column(array_map(static fn (Gate $gate): array => [$gate->value, $gate], [...$this->setting->lockout->gates(), ...(Thermal::Cold === $this->setting->thermal ? [Gate::Cold] : []), ...$this->only]), 1, 0);
        $state = EngineState::unknown();
        foreach ($this->effects as $effect) {
            foreach (Gate::before($effect) as $gate) {
                if (!$state->meets($gate)) {
                    $gates[$gate->value] = $gate;
                }
            }
            $state = $state->after($effect);
        }

        return array_values($gates);
    }

    public function opensOrCloses(): ?Opening
    {
        return $this->opens ?? $this->closes;
    }
}
