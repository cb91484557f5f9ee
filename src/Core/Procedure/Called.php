<?php

declare(strict_types=1);

namespace FreshTack\Core\Procedure;

/** What of an operation one engine's facts call for. */
final readonly class Called
{
    /** @var list<string> every path that it needs, each once */
    public array $needs;

    /**
     * @param list<Step>     $steps
     * @param list<ToolNeed> $tools
     * @param list<PartUse>  $parts
     * @param list<string>   $always paths that it needs whatever is called for
     */
    public function __construct(public array $steps, public array $tools, public array $parts, array $always)
    {
        $sizes = array_filter(array_map(static fn (ToolNeed $tool): ?string => $tool->size, $tools), \is_string(...));
        $fields = array_map(static fn (PartUse $part): string => $part->field, $parts);
        $this->needs = array_values(array_unique(array_merge(
            $always,
            $sizes,
            $fields,
            ...array_map(static fn (Step $step): array => $step->needs, $steps),
        )));
    }

    public static function nothing(): self
    {
        return new self([], [], [], []);
    }
}
