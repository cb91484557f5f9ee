<?php

declare(strict_types=1);

namespace FreshTack\Core\Plan;

/** What must be so for a work, beside what its effects ask for. */
final readonly class Needs
{
    /**
     * @param list<Opening> $open    what must be open, as far as the engine has it
     * @param list<Opening> $shut    what must be closed
     * @param list<Gate>    $gates
     * @param Attitude|null $attitude null: any will do
     * @param int           $restMin minutes that must have gone by since the last run, pour or change of attitude
     */
    public function __construct(
        public array $open = [],
        public array $shut = [],
        public array $gates = [],
        public ?Attitude $attitude = null,
        public Lockout $lockout = Lockout::Any,
        public int $restMin = 0,
    ) {
    }
}
