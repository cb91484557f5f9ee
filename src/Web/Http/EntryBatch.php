<?php

declare(strict_types=1);

namespace FreshTack\Web\Http;

use FreshTack\Core\Bench\Entry;
use FreshTack\Core\Bench\EntryKind;
use FreshTack\Core\Bench\EntryReader;
use FreshTack\Core\Reading\Cursor;
use FreshTack\Shop\Bench\StoredEntry;
use Symfony\Component\Uid\Uuid;

/** Reads a batch of bench entries. Who may work and who may decide is known by the caller. */
final readonly class EntryBatch
{
    /** @return list<StoredEntry> */
    public static function read(Cursor $body, string $by, \DateTimeImmutable $now, bool $mayWork, bool $mayDecide): array
    {
        $body->knowsOnly('entries');
        $batch = [];
        foreach ($body->at('entries')->list(1, 500) as $entry) {
            $stored = self::entry($entry, $by, $now);
            if (null !== $stored) {
                self::checkRole($entry, $stored->entry->content->kind, $mayWork, $mayDecide);
                $batch[] = $stored;
            }
        }

        return $batch;
    }

    private static function entry(Cursor $entry, string $by, \DateTimeImmutable $now): ?StoredEntry
    {
        $entry->knowsOnly('uuid', 'stepId', 'kind', 'value', 'corrects', 'deviceSequence', 'deviceAt');
        $content = EntryReader::content($entry->at('kind')->enum(EntryKind::class), $entry->at('value'));
        $uuid = self::uuid($entry->at('uuid'));
        $corrects = $entry->at('corrects')->isNull() ? null : self::uuid($entry->at('corrects'));
        $stepId = $entry->at('stepId')->string(120);
        $value = $entry->at('value')->raw();

        return null === $content ? null : new StoredEntry(
            new Entry($uuid, $stepId, $content, $corrects, $by, $now),
            \is_array($value) ? $value : [],
            $entry->at('deviceSequence')->int(0, 4_000_000_000),
            $entry->at('deviceAt')->isNull() ? null : self::instant($entry->at('deviceAt')),
        );
    }

    private static function uuid(Cursor $at): string
    {
        $text = strtolower($at->string(36));
        if (!Uuid::isValid($text)) {
            $at->flaw('This must be a UUID.');
        }

        return $text;
    }

    private static function instant(Cursor $at): ?\DateTimeImmutable
    {
        $instant = \DateTimeImmutable::createFromFormat('Y-m-d\TH:i:s.vp', $at->string(40));
        if (false === $instant) {
            $at->flaw('This must be an instant such as 2030-01-31T10:15:00.000Z.');

            return null;
        }

        return $instant->setTimezone(new \DateTimeZone('UTC'));
    }

    private static function checkRole(Cursor $entry, EntryKind $kind, bool $mayWork, bool $mayDecide): void
    {
        if (EntryKind::Decision === $kind ? !$mayDecide : !$mayWork) {
            $entry->at('kind')->flaw(EntryKind::Decision === $kind ? 'How stopped work goes on is decided by the service writer or the manager.' : 'Bench work is entered by a technician.');
        }
    }
}
