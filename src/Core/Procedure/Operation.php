<?php

declare(strict_types=1);

namespace FreshTack\Core\Procedure;

use FreshTack\Core\Plan\Effect;
use FreshTack\Core\Quantity\Minutes;

/** A piece of work with its hands-on minutes, what must be open for it, what it changes, and its steps. */
final readonly class Operation
{
    /** @var list<string> every path that this operation needs, each once */
    public array $needs;

    /**
     * @param string|null    $unattendedFrom path of the sheet's value for the unattended minutes
     * @param list<string>   $openings       ids of what must be open
     * @param string|null    $opens          id of the opening that this operation opens
     * @param string|null    $closes         id of the opening that this operation closes
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
        public Condition $when,
        public array $openings,
        public ?string $opens,
        public ?string $closes,
        public array $effects,
        public array $parts,
        public array $tools,
        public array $cautions,
        public string $why,
        public array $steps,
    ) {
        $sizes = array_map(static fn (ToolNeed $tool): ?string => $tool->size, $tools);
        $fields = array_map(static fn (PartUse $part): string => $part->field, $parts);
        $inSteps = array_merge(...array_map(static fn (Step $step): array => $step->needs, $steps));
        $this->needs = array_values(array_unique(array_filter([...$inSteps, ...$fields, ...$sizes, $unattendedFrom], \is_string(...))));
    }
}
