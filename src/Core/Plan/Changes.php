<?php

declare(strict_types=1);

namespace FreshTack\Core\Plan;

/** What a work changes. */
final readonly class Changes
{
    /** The attitude that it brings the engine into. */
    public ?Attitude $turnsTo;
    /** @var array<string, true> what happens at all */
    private array $happens;

    /** @param list<Effect> $effects in the order in which they happen */
    public function __construct(public array $effects = [], public ?Opening $opens = null, public ?Opening $closes = null)
    {
        $this->turnsTo = array_values(array_filter(array_map(
            static fn (Effect $effect): ?Attitude => $effect->attitude(),
            $effects,
        )))[0] ?? null;
        $this->happens = array_fill_keys(array_column($effects, 'value'), true);
    }

    public function has(Effect ...$any): bool
    {
        foreach ($any as $effect) {
            if (isset($this->happens[$effect->value])) {
                return true;
            }
        }

        return false;
    }

    /** Whether nothing happens but that the engine is turned, locked out or made free to start. */
    public function isMode(): bool
    {
        return [] !== $this->effects && null === $this->opens && null === $this->closes
            && [] === array_filter($this->effects, static fn (Effect $effect): bool => !$effect->isMode());
    }
}
