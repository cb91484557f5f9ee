<?php

declare(strict_types=1);

namespace FreshTack\Core\Plan;

/** What one walk through the work goes by, beside how long the chain behind each stretch is. */
final readonly class Taste
{
    /**
     * @param int $changeMin minutes by which a chain must be longer to be worth a change of place
     * @param int $turnMin   likewise for turning an engine
     * @param int $waitMin   minutes that are rather waited than walked away for
     * @param int $noise     minutes by which chains may be misjudged
     * @param int $seed      of what looks like chance
     */
    public function __construct(public int $changeMin, public int $turnMin, public int $waitMin, public int $noise = 0, public int $seed = 1)
    {
    }

    /** @return list<self> without chance, the calm one first */
    public static function usual(): array
    {
        return [
            new self(30, 20, 3), new self(0, 0, 0), new self(60, 30, 6), new self(15, 10, 0), new self(120, 60, 8), new self(60, 0, 0),
            new self(240, 60, 0), new self(30, 60, 10), new self(8, 30, 2), new self(90, 90, 15), new self(400, 200, 4), new self(20, 0, 6),
        ];
    }
}
