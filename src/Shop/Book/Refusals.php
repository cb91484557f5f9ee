<?php

declare(strict_types=1);

namespace FreshTack\Shop\Book;

use FreshTack\Core\SpecBook\SheetRefusal;
use FreshTack\Shop\NotFound;

/** Engines that were refused at the counter and wait for the service manager. */
interface Refusals
{
    /** Once for a model and serial number as long as it waits. */
    public function add(string $model, string $serial, SheetRefusal $refusal, int $boatId, string $by, \DateTimeImmutable $at): void;

    /** How many wait. */
    public function count(): int;

    /** @return list<WaitingRefusal> newest first */
    public function waiting(): array;

    /** @throws NotFound */
    public function settle(int $id, string $by, \DateTimeImmutable $at): void;
}
