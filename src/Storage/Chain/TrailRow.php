<?php

declare(strict_types=1);

namespace FreshTack\Storage\Chain;

use FreshTack\Shop\Audit\Move;

/** A line of the trail as its row has it. */
final readonly class TrailRow
{
    public function __construct(
        private \DateTimeImmutable $happenedAt,
        private string $account,
        private string $action,
        public string $subject,
        private string $detail,
        private ?Move $move,
    ) {
    }

    /** @return array<string, string|null> by column, without the seal */
    public function columns(): array
    {
        return [
            'happened_at' => $this->happenedAt->setTimezone(new \DateTimeZone('UTC'))->format('Y-m-d H:i:s'),
            'account' => $this->account,
            'action' => $this->action,
            'subject' => $this->subject,
            'detail' => $this->detail,
            'changed_from' => $this->move?->from,
            'changed_to' => $this->move?->to,
        ];
    }
}
