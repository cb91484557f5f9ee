<?php

declare(strict_types=1);

namespace FreshTack\Core\Procedure;

/** What lies ready for an operation, and what is warned of. */
final readonly class Outfit
{
    /**
     * @param list<PartUse>  $parts
     * @param list<ToolNeed> $tools
     * @param list<Caution>  $cautions
     */
    public function __construct(public array $parts, public array $tools, public array $cautions)
    {
    }
}
