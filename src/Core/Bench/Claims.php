<?php

declare(strict_types=1);

namespace FreshTack\Core\Bench;

use FreshTack\Core\Plan\Position;

/** Who has taken on what, where several work at one order. What nobody has taken on is everybody's. */
final readonly class Claims
{
    /** @param array<string, Claim> $held by what they are of */
    private function __construct(private array $held)
    {
    }

    public static function of(Claim ...$claims): self
    {
        return new self(array_column($claims, null, 'of'));
    }

    /** @return list<Claim> */
    public function all(): array
    {
        return array_values($this->held);
    }

    /** Of an engine as a whole, or of an operation; null: nobody, or it is part of what somebody has. */
    public function exactly(string $of): ?Claim
    {
        return $this->held[$of] ?? null;
    }

    /** Whose it is: an operation that somebody took on is theirs, whoever has its engine. */
    public function at(IssuedWork $work): ?Claim
    {
        return $this->held[$work->work->id->text] ?? $this->ofEngine($work->work->position);
    }

    /**
     * Somebody else's.
     *
     * @param string|null $by whose hands; null: nobody knows
     */
    public function barring(IssuedWork $work, ?string $by): ?Claim
    {
        $claim = $this->at($work);

        return null === $by || $claim?->by === $by ? null : $claim;
    }

    private function ofEngine(?Position $position): ?Claim
    {
        return null === $position ? null : $this->held[$position->value] ?? null;
    }
}
