<?php

declare(strict_types=1);

namespace FreshTack\Core\Order;

use FreshTack\Core\Plan\StepId;

/** One step as the technician sees it, every slot filled. */
final readonly class OrderedStep
{
    /** @param StepId $id position, operation and step: the same request gives the same ids */
    public function __construct(public StepId $id, public FilledWords $words, public FilledFigures $figures, public StepDone $done)
    {
    }

    public function named(StepId $id): self
    {
        return new self($id, $this->words, $this->figures, $this->done);
    }
}
