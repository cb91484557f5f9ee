<?php

declare(strict_types=1);

namespace FreshTack\Web\Http;

use FreshTack\Core\Bench\Entry;
use FreshTack\Core\Bench\EntryKind;
use FreshTack\Core\Bench\EntryReader;
use FreshTack\Core\Reading\Cursor;
use FreshTack\Shop\Bench\StoredEntry;
use Symfony\Component\Uid\Uuid;

/** Reads a batch of bench entries. Who may enter what is known by the caller. */
final readonly class EntryBatch
{
    /** @return list<StoredEntry> */
    public static function read(Cursor $body, string $by, \DateTimeImmutable $now, BenchRights $rights): array
    {
        $body->knowsOnly('entries');
        $batch = [];
        foreach ($body->at('entries')->list(1, 500) as $entry) {
            $stored = self::entry($entry, $by, $now);
            if (null !== $stored) {
                $flaw = $rights->flaw($stored->entry->content->kind);
                if (null !== $flaw) {
                    $entry->at('kind')->flaw($flaw);
                }
                $batch[] = $stored;
            }
        }

        return $batch;
    }

    private static function entry(Cursor $entry, string $by, \DateTimeImmutable $now): ?StoredEntry
    {
        $entry->knowsOnly(
            'uuid',
            'stepId',
            'kind',
            'value',
            'corrects',
            'deviceSequence',
            'deviceAt',
            'doneAt',
            'fromPaper',
            'happened',
            'why',
        );
        $content = EntryReader::content($entry->at('kind')->enum(EntryKind::class), $entry->at('value'));
        $uuid = self::uuid($entry->at('uuid'));
        $corrects = $entry->at('corrects')->isNull() ? null : self::uuid($entry->at('corrects'));
        $stepId = $entry->at('stepId')->string(120);
        $value = $entry->at('value')->raw();

        return null === $content ? null : new StoredEntry(
            new Entry($uuid, $stepId, $content, $corrects, $by, $now, EntryReader::told($entry)),
            \is_array($value) ? $value : [],
            $entry->at('deviceSequence')->int(0, 4_000_000_000),
            $entry->at('deviceAt')->isNull() ? null : EntryReader::instant($entry->at('deviceAt')),
        );
    }

    public static function uuid(Cursor $at): string
    {
        $text = strtolower($at->string(36));
        if (!Uuid::isValid($text)) {
            $at->flaw('This must be a UUID.');
        }

        return $text;
    }
}
