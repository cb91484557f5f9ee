<?php

declare(strict_types=1);

namespace FreshTack\Core\Plan;

/** A step of a work, as it is ticked: `port.fill.pour`. */
final readonly class StepId
{
    public string $text;

    public function __construct(public WorkId $work, public string $step)
    {
        $this->text = $work->text.'.'.$step;
    }

    public function of(WorkId $work): self
    {
        return new self($work, $this->step);
    }
}
