<?php

declare(strict_types=1);

namespace FreshTack\Core\Bench\Said;

use FreshTack\Core\Fluid\DipstickReading;
use FreshTack\Core\Quantity\Minutes;

/** A reading of the dipstick. */
final readonly class LevelRead implements Detail
{
    /**
     * @param Minutes|null $rest      as it was said; null: the log knows
     * @param Minutes|null $restByLog as the log counts it
     */
    public function __construct(public DipstickReading $reading, public ?Minutes $rest, public ?Minutes $restByLog = null)
    {
    }

    public function rest(): ?Minutes
    {
        return $this->rest ?? $this->restByLog;
    }

    public function asText(): string
    {
        return \sprintf('level %s after %d min of rest', $this->reading->text(), $this->rest()->count ?? 0);
    }
}
