<?php

declare(strict_types=1);

namespace FreshTack\Core\Plan;

/** What one walk through the work goes by. */
final readonly class Taste
{
    /**
     * @param int       $changeMin minutes by which a chain must be longer to be worth a change of place
     * @param int       $turnMin   likewise for turning an engine
     * @param int       $openMin   likewise to leave something open for work elsewhere
     * @param list<int> $worth     minutes by stretch: what is worth more is begun first
     */
    public function __construct(
        public int $changeMin,
        public int $turnMin,
        public int $openMin,
        public Patience $patience,
        public array $worth,
    ) {
    }

    /** @param list<int> $worth */
    public function with(array $worth): self
    {
        return new self($this->changeMin, $this->turnMin, $this->openMin, $this->patience, $worth);
    }
}
