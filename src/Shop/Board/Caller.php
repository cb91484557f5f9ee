<?php

declare(strict_types=1);

namespace FreshTack\Shop\Board;

use FreshTack\Shop\Bench\Tally;
use FreshTack\Shop\Register\Customer;

/** What the owner of a boat is told when the telephone rings. */
final readonly class Caller
{
    /**
     * @param string|null  $next     the next step; null: nothing is left, or nothing is issued
     * @param string|null  $waitsFor what the work waits for; null: nothing
     * @param string|null  $worker   whose account entered the last step
     * @param int          $parts    what the parts cost by the catalogue, in the smallest coin
     * @param int          $oil      what the oil costs, in the smallest coin
     * @param list<string> $unpriced numbers that the catalogue has no price for
     */
    public function __construct(
        public Customer $owner,
        public Tally $tally,
        public ?string $next,
        public ?string $waitsFor,
        public ?string $worker,
        public int $parts,
        public int $oil,
        public array $unpriced,
    ) {
    }
}
