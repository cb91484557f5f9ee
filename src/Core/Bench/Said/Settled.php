<?php

declare(strict_types=1);

namespace FreshTack\Core\Bench\Said;

use FreshTack\Core\Finding\Settlement;

/** What becomes of a finding. */
final readonly class Settled implements Detail
{
    /**
     * @param string $entry by which it was found
     * @param string $place of what was measured there; empty: it was found beside
     * @param string $words what was done, to whom it was put, or why it may wait and who was told
     */
    public function __construct(public string $entry, public string $place, public Settlement $how, public string $words)
    {
    }

    public function asText(): string
    {
        return $this->how->label().': '.$this->words;
    }
}
