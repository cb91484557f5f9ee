<?php

declare(strict_types=1);

namespace FreshTack\Core\Bench;

/** What keeps an order from going on: what somebody must decide about, and what it is parked for. */
final readonly class Standstill
{
    /**
     * @param list<Stop> $stops  that nobody has lifted, the first first
     * @param Entry|null $parked by which it is parked; null: it is not
     */
    private function __construct(public array $stops, public ?Entry $parked)
    {
    }

    public static function none(): self
    {
        return new self([], null);
    }

    public function stopped(Stop ...$more): self
    {
        return new self([...$this->stops, ...array_values($more)], $this->parked);
    }

    /** The first stop at this step is lifted. */
    public function lifted(Stop $stop): self
    {
        return new self(array_values(array_filter($this->stops, static fn (Stop $each): bool => $each !== $stop)), $this->parked);
    }

    /** Whatever is done next goes on with a parked order. */
    public function after(Entry $entry): self
    {
        $kind = $entry->content->kind;

        return match (true) {
            EntryKind::Parked === $kind => new self($this->stops, $entry),
            $kind->isAnswer() || EntryKind::Decision === $kind => new self($this->stops, null),
            default => $this,
        };
    }
}
