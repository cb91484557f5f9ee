<?php

declare(strict_types=1);

namespace FreshTack\Shop\Order;

use FreshTack\Shop\Conflict;

/** An order with all that belongs to it. Once issued, the document is what counts and is never built again. */
final readonly class OrderFile
{
    /**
     * @param array<mixed>|null $document the frozen work order
     * @param array<mixed>|null $record   the service record, once released
     * @param int               $version  for optimistic locking
     * @param \DateTimeImmutable|null $readyBy when the boat is ready, by the plan as it was issued; null: not known
     * @param Closing|null      $closing  why it is not carried out
     */
    public function __construct(
        public int $number,
        public int $boatId,
        public OrderStatus $status,
        public Draft $draft,
        public int $version,
        public string $openedBy,
        public \DateTimeImmutable $openedAt,
        public ?\DateTimeImmutable $issuedAt = null,
        public ?string $issuedBy = null,
        public ?array $document = null,
        public ?\DateTimeImmutable $releasedAt = null,
        public ?string $releasedBy = null,
        public ?array $record = null,
        public ?\DateTimeImmutable $readyBy = null,
        public ?Closing $closing = null,
    ) {
    }

    /**
     * @return array<mixed>
     *
     * @throws Conflict if it was not issued yet
     */
    public function issuedDocument(): array
    {
        return $this->document ?? throw Conflict::notIssued($this->number);
    }
}
