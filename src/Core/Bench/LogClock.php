<?php

declare(strict_types=1);

namespace FreshTack\Core\Bench;

use FreshTack\Core\Bench\Said\TimePassed;
use FreshTack\Core\Plan\Effect;
use FreshTack\Core\Plan\Position;

/** When things were done, as the log knows it: by the clock of the server, by the times on the paper, and by what a demo lets pass. */
final readonly class LogClock
{
    private const RIG = '';

    /** @param array<string, \DateTimeImmutable> $last by position: when the last thing was done at it */
    private function __construct(private int $waitedMin, private array $last)
    {
    }

    public static function start(): self
    {
        return new self(0, []);
    }

    /** What time it is for this order. */
    public function now(\DateTimeImmutable $at): \DateTimeImmutable
    {
        return 0 === $this->waitedMin ? $at : $at->add(new \DateInterval(\sprintf('PT%dM', $this->waitedMin)));
    }

    /** When an entry's work was done; null: it comes from the paper, and no time stands there. */
    public function of(Entry $entry): ?\DateTimeImmutable
    {
        return $entry->told->doneAt ?? ($entry->told->fromPaper ? null : $this->now($entry->at));
    }

    /** The same; where no time stands on the paper, when the last thing at its engine was done. */
    public function about(Entry $entry, ?Position $position): ?\DateTimeImmutable
    {
        return $this->of($entry) ?? $this->last[$position->value ?? self::RIG] ?? null;
    }

    /** @throws InvalidEntry if a time is missing that rests are counted from, or can't be */
    public function check(Entry $entry, BenchStep $step, ?\DateTimeImmutable $issuedAt): void
    {
        $doneAt = $entry->told->doneAt;
        if (null === $doneAt) {
            $entry->told->fromPaper && $entry->content->kind->isWork() && self::isTimed($step) && throw InvalidEntry::timeNotSaid();

            return;
        }
        $entry->told->fromPaper || throw InvalidEntry::onlyPaperSaysWhen();
        null === $issuedAt || $doneAt >= $issuedAt || throw InvalidEntry::beforeIssue();
        $doneAt <= $this->now($entry->at) || throw InvalidEntry::notYetPast();
        $doneAt >= ($this->last[$step->position->value ?? self::RIG] ?? $doneAt) || throw InvalidEntry::timeGoesBack();
    }

    public function after(Entry $entry, ?Position $position): self
    {
        if (EntryKind::Waited === $entry->content->kind) {
            return new self($this->waitedMin + ($entry->content->as(TimePassed::class)->minutes->count ?? 0), $this->last);
        }

        $at = $entry->content->kind->isWork() ? $this->of($entry) : null;

        return null === $at ? $this : new self($this->waitedMin, [...$this->last, $position->value ?? self::RIG => $at]);
    }

    /** Whether rests are counted from it, so that the paper has to say when it was: starts and stops, pours, readings. */
    public static function isTimed(BenchStep $step): bool
    {
        return $step->asksForLevel() || 'poured' === $step->entry || $step->has(Effect::Started, Effect::Stopped);
    }
}
