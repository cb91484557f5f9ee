<?php

declare(strict_types=1);

namespace FreshTack\Core\Bench;

use FreshTack\Core\Bench\Said\LetGo;
use FreshTack\Core\Plan\Position;

/** What is said when an order is released. */
final readonly class Release
{
    /**
     * @param array<string, string> $explained words by the deviation that they explain
     * @param array<string, string> $unfit     why an engine leaves as not fit to run, by its position
     * @param list<OilLeft>         $left
     * @param list<Waste>           $waste each kind once
     */
    public function __construct(
        public string $remark = '',
        public array $explained = [],
        public array $unfit = [],
        public array $left = [],
        public array $waste = [],
    ) {
    }

    /** @param array<string, Entry> $released engines that were let go before, by position: what was said of them then still counts */
    public function including(array $released): self
    {
        $explained = $this->explained;
        $unfit = $this->unfit;
        foreach ($released as $position => $entry) {
            $explained += $entry->content->as(LetGo::class)->release->explained ?? [];
            unset($unfit[$position]);
            $why = $entry->content->as(LetGo::class)?->release->unfit;
            if (null !== $why) {
                $unfit[$position] = $why;
            }
        }

        return new self($this->remark, $explained, $unfit, $this->left, $this->waste);
    }

    public function explains(string $deviation): bool
    {
        return '' !== trim($this->explained[$deviation] ?? '');
    }

    public function isUnfit(Position $position): bool
    {
        return isset($this->unfit[$position->value]);
    }
}
