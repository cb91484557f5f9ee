<?php

declare(strict_types=1);

namespace FreshTack\Shop\Order;

/** What an issued order was built from and what it says, both as JSON, for good. */
final readonly class FrozenOrder
{
    /**
     * @param int                     $parked  tasks that are blocked on an engine
     * @param \DateTimeImmutable|null $readyBy when the boat is ready if the work begins now; null: it can't be said
     */
    public function __construct(
        public string $request,
        public string $document,
        public int $parked,
        public ?\DateTimeImmutable $readyBy,
    ) {
    }
}
