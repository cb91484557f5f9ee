<?php

declare(strict_types=1);

namespace FreshTack\Core\Bench;

/** Which entries of a log stand in whose place. */
final readonly class Corrections
{
    /** So long an entry can be taken back by who made it. */
    public const TAKE_BACK_SECONDS = 60;

    /** @param array<string, Entry> $by uuid of the entry that they correct */
    private function __construct(private array $by)
    {
    }

    /** @param list<Entry> $entries one that was taken back corrects nothing */
    public static function among(array $entries): self
    {
        $byUuid = $corrections = [];
        foreach ($entries as $entry) {
            $byUuid[$entry->uuid] = $entry;
            $before = null === $entry->corrects ? null : ($byUuid[$entry->corrects] ?? null);
            if (EntryKind::TakenBack === $entry->content->kind && null !== $before?->corrects) {
                unset($corrections[$before->corrects]);
            } elseif (null !== $entry->corrects) {
                $corrections[$entry->corrects] = $entry;
            }
        }

        return new self($corrections);
    }

    /** What stands where an entry stood: itself, or the last correction of it. */
    public function standing(Entry $entry): Entry
    {
        while (isset($this->by[$entry->uuid])) {
            $entry = $this->by[$entry->uuid];
        }

        return $entry;
    }

    /**
     * @param Entry $last of the log
     *
     * @throws InvalidEntry if the correction does not belong to what it corrects, or nobody says why it was wrong
     */
    public static function check(Entry $old, Entry $correction, Entry $last): void
    {
        $isRelease = EntryKind::Released === $old->content->kind;
        if (EntryKind::TakenBack === $correction->content->kind && !$isRelease) {
            self::checkTakenBack($old, $correction, $last);
        } elseif ('' === $correction->told->why) {
            throw InvalidEntry::correctionWithoutReason();
        } elseif (!$old->content->kind->isCorrectedBy($correction->content->kind)) {
            throw InvalidEntry::correctedByOther();
        }
    }

    /** @throws InvalidEntry */
    private static function checkTakenBack(Entry $old, Entry $taking, Entry $last): void
    {
        $seconds = $taking->at->getTimestamp() - $old->at->getTimestamp();
        if ($last->uuid !== $old->uuid || $old->by !== $taking->by || $seconds > self::TAKE_BACK_SECONDS) {
            throw InvalidEntry::tooLateToTakeBack(self::TAKE_BACK_SECONDS);
        }
    }
}
