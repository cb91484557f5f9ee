<?php

declare(strict_types=1);

namespace FreshTack\Shop;

/**
 * Whether everything that the shop runs on is there, for whoever watches the machine.
 *
 * @phpstan-type Checks array{
 *     tables: array{ok: bool},
 *     worker: array{ok: bool, seenSecondsAgo: int|null},
 *     queue: array{ok: bool, waiting: int, oldestSeconds: int},
 *     disk: array{ok: bool, freeMb: int|null},
 * }
 */
interface Health
{
    /** @return Checks a worker that was never seen, or a disk that nobody can ask, is null */
    public function checks(): array;
}
