<?php

declare(strict_types=1);

namespace FreshTack\Core\Procedure;

use FreshTack\Core\Quantity\Minutes;
use FreshTack\Core\SpecBook\PartNeed;

/** Minutes at work: a base, and so many more for each of what is counted. */
final readonly class HandsOnTime
{
    /** @param string|null $of path of the count, or of a part that is needed so many times; null: nothing is counted */
    public function __construct(public Minutes $base, public ?Minutes $each = null, public ?string $of = null)
    {
    }

    /** A count that nobody knows counts for one. */
    public function in(EngineFacts $facts): Minutes
    {
        $content = null === $this->of ? null : $facts->value($this->of)?->content;
        $count = $content instanceof PartNeed ? $content->count : (int) (null === $this->of ? '0' : $facts->raw($this->of) ?? '1');

        return null === $this->each
            ? $this->base
            : array_reduce(
                array_fill(0, max(0, $count), $this->each),
                static fn (Minutes $sum, Minutes $each): Minutes => $sum->plus($each),
                $this->base,
            );
    }
}
