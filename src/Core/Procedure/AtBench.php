<?php

declare(strict_types=1);

namespace FreshTack\Core\Procedure;

use FreshTack\Core\Finding\Measure;
use FreshTack\Core\Plan\Effect;

/** What a step asks for at the bench, and what is so once it is done. */
final readonly class AtBench
{
    /**
     * @param bool         $must    "could not" here keeps the engine from being released
     * @param list<Effect> $effects in the order in which they happen
     * @param Measure|null $measure what there is to be measured or seen beside
     */
    public function __construct(public StepEntry $entry, public bool $must, public array $effects = [], public ?Measure $measure = null)
    {
    }
}
