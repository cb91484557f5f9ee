<?php

declare(strict_types=1);

namespace FreshTack\Core\Order;

use FreshTack\Core\Finding\AskedMeasure;
use FreshTack\Core\Plan\StepId;

/** One step as the technician sees it, every slot filled. */
final readonly class OrderedStep
{
    /** @param StepId $id position, operation and step: the same request gives the same ids */
    public function __construct(public StepId $id, public FilledWords $words, public FilledFigures $figures, public StepDone $done)
    {
    }

    /** @param array<string, OrderedOperation> $each by position */
    public function asking(array $each): self
    {
        $asked = [];
        foreach ($each as $position => $operation) {
            foreach ($operation->steps as $step) {
                if ($step->id->text === $this->id->text && null !== $step->done->measure) {
                    $asked[$position] = $step->done->measure;
                }
            }
        }

        return [] === $asked ? $this : new self(
            $this->id,
            $this->words,
            $this->figures,
            $this->done->asking(AskedMeasure::ofEngines($asked)),
        );
    }

    public function named(StepId $id): self
    {
        return new self($id, $this->words, $this->figures, $this->done);
    }
}
