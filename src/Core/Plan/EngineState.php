<?php

declare(strict_types=1);

namespace FreshTack\Core\Plan;

/** One engine at the bench, as the gates see it. It arrives whole, with oil, not running, vertical, cold and free to start. */
final readonly class EngineState
{
    /**
     * @param array<string, true>           $unmet  gates that are not met, by their code
     * @param array<string, list<Opening>>  $open   what is open, with what lies in front of it
     * @param array<string, true>           $opened all that was ever opened
     */
    private function __construct(private array $unmet, private array $open = [], private array $opened = [], public Attitude $attitude = Attitude::Vertical)
    {
    }

    public static function onArrival(): self
    {
        return new self(Gate::codes(Gate::notOnArrival()));
    }

    /** An engine of which nothing is known: it meets no gate. */
    public static function unknown(): self
    {
        return new self(Gate::codes(Gate::cases()));
    }

    public function meets(Gate $gate): bool
    {
        return !isset($this->unmet[$gate->value]);
    }

    public function isOpen(Opening $opening): bool
    {
        return isset($this->open[$opening->value]);
    }

    public function wasOpened(Opening $opening): bool
    {
        return isset($this->opened[$opening->value]);
    }

    /** @return list<Opening> what is open behind it; behind the cowl, which goes on last, all that is */
    public function behind(Opening $front): array
    {
        $open = array_map(Opening::from(...), array_keys($this->open));

        return array_values(array_filter($open, fn (Opening $opening): bool => $opening !== $front && (Opening::Cowl === $front || \in_array($front, $this->open[$opening->value] ?? [], true))));
    }

    /** @return list<Opening> */
    public function stillOpen(): array
    {
        return array_map(Opening::from(...), array_keys($this->open));
    }

    public function after(Effect $effect): self
    {
        return $this->begun($effect)->ended($effect);
    }

    /** What an effect undoes is undone as soon as the work begins. */
    public function begun(Effect $effect): self
    {
        $breaks = $effect->breaks();

        return [] === $breaks ? $this : new self($this->unmet + Gate::codes($breaks), $this->open, $this->opened, $this->attitude);
    }

    /** What an effect brings about is there only when the work has ended. */
    public function ended(Effect $effect): self
    {
        $meets = $effect->meets();
        $attitude = $effect->attitude() ?? $this->attitude;

        return [] === $meets && $attitude === $this->attitude
            ? $this
            : new self(array_diff_key($this->unmet, Gate::codes($meets)), $this->open, $this->opened, $attitude);
    }

    /** @param list<Opening> $behind what lies in front of it */
    public function withOpened(Opening $opening, array $behind): self
    {
        return new self([...$this->unmet, Gate::CountedOut->value => true], [...$this->open, $opening->value => $behind], [...$this->opened, $opening->value => true], $this->attitude);
    }

    public function withClosed(Opening $opening): self
    {
        return new self($this->unmet, array_diff_key($this->open, [$opening->value => true]), $this->opened, $this->attitude);
    }
}
