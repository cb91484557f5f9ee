<?php

declare(strict_types=1);

namespace FreshTack\Storage;

use FreshTack\Core\Bench\Entry;
use FreshTack\Core\Bench\EntryKind;
use FreshTack\Core\Bench\EntryReader;
use FreshTack\Core\ExpectedError;
use FreshTack\Core\Reading\Cursor;
use FreshTack\Exchange\Json;
use FreshTack\Shop\Order\Closing;
use FreshTack\Shop\Order\Draft;
use FreshTack\Shop\Order\DraftReader;
use FreshTack\Shop\Order\Fill;
use FreshTack\Shop\Order\OrderFile;
use FreshTack\Shop\Order\OrderStatus;
use FreshTack\Storage\Entity\BenchEntryRecord;
use FreshTack\Storage\Entity\OrderRecord;

/** From rows to what the shop works with. */
final readonly class OrderFiles
{
    public static function of(OrderRecord $record): OrderFile
    {
        try {
            $draft = Cursor::over(Json::decode($record->draft));
            $read = DraftReader::stored($draft);
            $draft->flaws->throwIfAny();

            return new OrderFile(
                (int) $record->number,
                (int) $record->boat->id,
                OrderStatus::from($record->status),
                $read,
                $record->version,
                $record->openedBy,
                $record->openedAt,
                $record->issuedAt,
                $record->issuedBy,
                self::document($record->document),
                $record->releasedAt,
                $record->releasedBy,
                self::document($record->record),
                $record->readyBy,
                self::closing($record),
            );
        } catch (ExpectedError $error) {
            throw CorruptRecord::in('work_order', (string) $record->number, $error->getMessage(), $error);
        }
    }

    private static function closing(OrderRecord $record): ?Closing
    {
        return null === $record->closedAt ? null : new Closing((string) $record->closedBy, $record->closedAt, (string) $record->closedWhy);
    }

    public static function draft(Draft $draft): string
    {
        return Json::encode([...$draft->toArray(), 'fills' => array_map(static fn (Fill $fill): array => $fill->toArray(), $draft->fills)]);
    }

    public static function entry(BenchEntryRecord $record): Entry
    {
        try {
            $value = Cursor::over(Json::decode($record->value));
            $content = EntryReader::content(EntryKind::from($record->kind), $value);
            $told = EntryReader::told($value->at('told'));
            $value->flaws->throwIfAny();
        } catch (ExpectedError $error) {
            throw CorruptRecord::in('bench_entry', $record->uuid, $error->getMessage(), $error);
        }

        return new Entry(
            $record->uuid,
            $record->stepId,
            $content ?? throw CorruptRecord::in('bench_entry', $record->uuid, 'no value'),
            $record->corrects,
            $record->account,
            $record->receivedAt,
            $told,
        );
    }

    /**
     * @return array<mixed>|null
     *
     * @throws \FreshTack\Core\Reading\InvalidDocument
     */
    private static function document(?string $text): ?array
    {
        $decoded = null === $text ? null : Json::decode($text);

        return \is_array($decoded) ? $decoded : null;
    }
}
