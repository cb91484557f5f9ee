<?php

declare(strict_types=1);

namespace FreshTack\Core\Plan;

/** What one walk through the work goes by. */
final readonly class Taste
{
    /**
     * @param int       $changeMin   minutes by which a chain must be longer to be worth a change of place
     * @param int       $turnMin     likewise for turning an engine
     * @param int       $waitMin     minutes that are rather waited than walked away for
     * @param int       $pairMin     minutes that are rather waited for a second person than begun with something else
     * @param int       $patienceMin minutes that are rather waited for what is worth more than begun with what ends later
     * @param int       $openMin     minutes by which work elsewhere must be worth more to leave something open for it
     * @param list<int> $worth       minutes by stretch: what is worth more is begun first
     */
    public function __construct(
        public int $changeMin,
        public int $turnMin,
        public int $waitMin,
        public int $pairMin,
        public int $patienceMin,
        public int $openMin,
        public array $worth,
    ) {
    }

    /** @param list<int> $worth */
    public function with(array $worth): self
    {
        return new self($this->changeMin, $this->turnMin, $this->waitMin, $this->pairMin, $this->patienceMin, $this->openMin, $worth);
    }
}
