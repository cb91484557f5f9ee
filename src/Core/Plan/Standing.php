<?php

declare(strict_types=1);

namespace FreshTack\Core\Plan;

/** Where a work stands among the others where nothing else decides. */
final readonly class Standing
{
    /**
     * @param string $chain    works of one chain follow each other on their engine; empty: of none
     * @param int    $rank     the lower, the earlier
     * @param Frame  $frame    of work on the rig: before, between or after the engines
     * @param bool   $afterRun it waits for the run that proves the work, if there is one
     * @param bool   $warm     straight after the run that warms the engine, if there is one
     * @param string $together works of one name are one stretch: nothing comes between, and the hands do not leave; empty: alone
     */
    public function __construct(
        public string $chain = '',
        public int $rank = 0,
        public Frame $frame = Frame::Between,
        public bool $afterRun = false,
        public bool $warm = false,
        public string $together = '',
    ) {
    }
}
