<?php

declare(strict_types=1);

namespace FreshTack\Core\Plan;

/** What a work changes. */
final readonly class Changes
{
    /** The attitude that it brings the engine into. */
    public ?Attitude $turnsTo;
    /** Whether the engine must hang as somebody said. */
    public bool $asksForAttitude;
    /** @var array<string, true> what happens at all */
    private array $happens;
    private bool $isMode;

    /** @param list<Effect> $effects in the order in which they happen */
    public function __construct(public array $effects = [], public ?Opening $opens = null, public ?Opening $closes = null)
    {
        $turnsTo = null;
        $asks = false;
        $onlyModes = null === $opens && null === $closes;
        $happens = [];
        foreach ($effects as $effect) {
            $turnsTo ??= $effect->attitude();
            $asks = $asks || $effect->asksForAttitude();
            $onlyModes = $onlyModes && $effect->isMode();
            $happens[$effect->value] = true;
        }
        $this->turnsTo = $turnsTo;
        $this->asksForAttitude = $asks;
        $this->isMode = $onlyModes && [] !== $effects;
        $this->happens = $happens;
    }

    public function has(Effect $effect): bool
    {
        return isset($this->happens[$effect->value]);
    }

    public function hasAny(Effect ...$any): bool
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
        return $this->isMode;
    }
}
