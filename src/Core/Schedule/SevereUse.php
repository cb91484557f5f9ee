<?php

declare(strict_types=1);

namespace FreshTack\Core\Schedule;

/** What a sheet proposes under severe use: a shorter limit, and for which kinds of use. */
final readonly class SevereUse
{
    /** @param non-empty-list<HardUse> $uses */
    public function __construct(public Limit $every, public array $uses)
    {
    }

    public function text(): string
    {
        return \sprintf('every %s with %s', $this->every->text(), implode(', ', array_map(static fn (HardUse $use): string => $use->label(), $this->uses)));
    }
}
