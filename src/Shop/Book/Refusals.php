<?php

declare(strict_types=1);

namespace FreshTack\Shop\Book;

use FreshTack\Core\SpecBook\SheetRefusal;
use FreshTack\Shop\Conflict;
use FreshTack\Shop\NotFound;

/** Engines that were refused at the counter and wait for the service manager. */
interface Refusals
{
    /**
     * Once for a model and serial number as long as it waits.
     *
     * @return int|null its number; null: it waits already
     */
    public function add(string $model, string $serial, SheetRefusal $refusal, int $boatId, string $by, \DateTimeImmutable $at): ?int;

    /** How many wait. */
    public function count(): int;

    /** @return list<WaitingRefusal> newest first */
    public function waiting(): array;

    /** @throws NotFound|Conflict if it was settled already */
    public function settle(int $id, string $by, \DateTimeImmutable $at): void;
}
