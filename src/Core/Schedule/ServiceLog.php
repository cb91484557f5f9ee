<?php

declare(strict_types=1);

namespace FreshTack\Core\Schedule;

/**
 * What was done to an engine's components. Every action has a clock of its own: an inspection resets inspections, a
 * lubrication lubrications; a renewal resets whatever is done to that component, since the component is new.
 */
final readonly class ServiceLog
{
    /** @param list<Served> $served in any order */
    public function __construct(private array $served)
    {
    }

    /** The latest work that resets the clock of this action on this component. */
    public function last(string $component, Action $action): ?LastDone
    {
        $found = null;
        foreach ($this->served as $served) {
            if ($served->resets($component, $action) && (null === $found || self::order($found) <= self::order($served->when))) {
                $found = $served->when;
            }
        }

        return $found;
    }

    /** @return array{string, int} */
    private static function order(LastDone $when): array
    {
        return [$when->on->format('Y-m-d'), $when->at->tenths ?? -1];
    }
}
