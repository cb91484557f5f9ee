<?php

declare(strict_types=1);

namespace FreshTack\Core\Bench\Said;

use FreshTack\Core\Finding\Spot;
use FreshTack\Core\Finding\Verdict;

/** Something that somebody came upon, whatever the step asks for. */
final readonly class Found implements Detail
{
    /** @param Verdict $verdict how bad it is: note, finding or stop */
    public function __construct(public Spot $spot, public string $words, public Verdict $verdict)
    {
    }

    public function asText(): string
    {
        return \sprintf('found at the %s: %s', $this->spot->label(), $this->words);
    }
}
