<?php

declare(strict_types=1);

namespace FreshTack\Core\Bench;

use FreshTack\Core\Fastening\Tightening;
use FreshTack\Core\Order\Level;

/** A step of a frozen order as the bench has to judge it. */
final readonly class BenchStep
{
    /**
     * @param string|null $position null: the whole rig
     * @param string      $entry    what it asks for
     * @param string|null $event    `run` or `pour` when it is done
     * @param Level|null  $level    how to judge a level on this engine
     */
    public function __construct(
        public string $id,
        public ?string $position,
        public string $label,
        public string $title,
        public string $entry,
        public bool $must,
        public ?string $event,
        public ?Tightening $tightening,
        public ?Level $level,
    ) {
    }

    public function asksForLevel(): bool
    {
        return \in_array($this->entry, ['level', 'first_level'], true);
    }
}
