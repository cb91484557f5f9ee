<?php

declare(strict_types=1);

namespace FreshTack\Shop\Due;

/** What comes due when, over all engines. */
final readonly class DueBoard
{
    /**
     * @param int                                                                   $stale    engines that are being worked out anew
     * @param array{done: int, of: int}|null                                        $progress of that, while it lasts
     * @param int                                                                   $now      engines with anything certainly due
     * @param int                                                                   $byNow    engines expected to be due by now, certain ones included
     * @param int                                                                   $noRecord engines with anything that nobody knows to have been done
     * @param list<array{from: \DateTimeImmutable, to: \DateTimeImmutable, engines: int}> $weeks
     */
    public function __construct(public int $stale, public ?array $progress, public int $now, public int $byNow, public int $noRecord, public array $weeks)
    {
    }
}
