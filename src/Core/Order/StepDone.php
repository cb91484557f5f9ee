<?php

declare(strict_types=1);

namespace FreshTack\Core\Order;

use FreshTack\Core\Finding\AskedMeasure;
use FreshTack\Core\Plan\Effect;
use FreshTack\Core\Procedure\Figure;

/** What is entered at a step, and what is so once it is done. */
final readonly class StepDone
{
    /**
     * @param string       $entry   tick, oil_appearance, arrival_level, leaks, tell_tale, poured, level, first_level, level_once,
     *                             torque, turns, count, fasteners, measured
     * @param bool         $must    "could not" here keeps the engine from being released
     * @param string|null  $event   `run` when the engine has run once this is done, `pour` when oil has gone in
     * @param list<Effect> $effects in the order in which they happen
     * @param AskedMeasure|null $measure what there is to be measured or seen beside
     * @param Figure|null  $limit   by which that is judged; null: the sheet gives none
     * @param int|null     $count   how many fasteners go back; null: none are counted here
     */
    public function __construct(
        public string $entry,
        public bool $must = false,
        public ?string $event = null,
        public array $effects = [],
        public ?AskedMeasure $measure = null,
        public ?Figure $limit = null,
        public ?int $count = null,
    ) {
    }

    public function asking(AskedMeasure $measure): self
    {
        return new self($this->entry, $this->must, $this->event, $this->effects, $measure, $this->limit, $this->count);
    }
}
