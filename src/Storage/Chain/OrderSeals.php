<?php

declare(strict_types=1);

namespace FreshTack\Storage\Chain;

use FreshTack\Core\Bench\EntryReader;
use FreshTack\Exchange\Json;
use FreshTack\Shop\Bench\StoredEntry;
use FreshTack\Storage\Entity\OrderRecord;

/** The chain of one order: what was frozen, each entry at the bench, and in the end the record. */
final readonly class OrderSeals
{
    private const INSTANT = 'Y-m-d H:i:s';

    public function __construct(private Chains $chains)
    {
    }

    /** An order that is frozen anew, before anybody has worked on it, begins its chain anew. */
    public function document(OrderRecord $order): string
    {
        $chain = ChainName::ofOrder((int) $order->number);
        $this->chains->restart($chain);

        return $this->chains->append($chain, Links::content(Links::DOCUMENT, [
            'document' => $order->document,
            'request' => $order->request,
            'issued_by' => $order->issuedBy,
            'issued_at' => $order->issuedAt?->format(self::INSTANT),
        ]));
    }

    public function entry(int $number, StoredEntry $stored): void
    {
        $entry = $stored->entry;
        $this->chains->insert('bench_entry', ChainName::ofOrder($number), Links::ENTRY, [
            'uuid' => $entry->uuid,
            'work_order_id' => $number,
            'step_id' => $entry->stepId,
            'kind' => $entry->content->kind->value,
            'value' => Json::encode((object) [...$stored->value, ...EntryReader::toldValue($entry->told)]),
            'corrects' => $entry->corrects,
            'account' => $entry->by,
            'received_at' => $entry->at->format(self::INSTANT),
            'device_sequence' => $stored->deviceSequence,
            'device_at' => $stored->deviceAt?->format(self::INSTANT),
        ]);
    }

    public function record(OrderRecord $order): string
    {
        return $this->chains->append(ChainName::ofOrder((int) $order->number), Links::content(Links::RECORD, [
            'record' => $order->record,
            'released_by' => $order->releasedBy,
            'released_at' => $order->releasedAt?->format(self::INSTANT),
        ]));
    }
}
