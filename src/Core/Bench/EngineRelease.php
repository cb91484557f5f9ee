<?php

declare(strict_types=1);

namespace FreshTack\Core\Bench;

/** One engine of a rig is let go while the others are still worked on. */
final readonly class EngineRelease
{
    /**
     * @param string|null           $unfit     why it leaves as not fit to run; null: it is whole
     * @param array<string, string> $explained words by the deviation that they explain
     */
    public function __construct(public ?string $unfit = null, public array $explained = [])
    {
    }
}
