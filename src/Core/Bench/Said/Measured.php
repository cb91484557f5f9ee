<?php

declare(strict_types=1);

namespace FreshTack\Core\Bench\Said;

use FreshTack\Core\Finding\AskedMeasure;
use FreshTack\Core\Finding\InvalidAnswer;
use FreshTack\Core\Finding\Judged;
use FreshTack\Core\Finding\PlaceAnswer;
use FreshTack\Core\Finding\Verdict;

/** What was measured or seen, place by place. */
final readonly class Measured implements Detail
{
    /**
     * @param list<PlaceAnswer> $given
     * @param list<Judged>      $judged by what the step asks for; none: nobody has judged it yet
     */
    public function __construct(public array $given, public array $judged = [])
    {
    }

    /** @throws InvalidAnswer if it is no answer to what is asked */
    public function judgedBy(AskedMeasure $asked): self
    {
        return new self($this->given, $asked->judge($this->given));
    }

    public function asSent(): self
    {
        return new self($this->given);
    }

    public function verdict(): Verdict
    {
        return Verdict::worst(...array_map(static fn (Judged $each): Verdict => $each->verdict, $this->judged));
    }

    /** @return list<Judged> */
    public function with(Verdict $verdict): array
    {
        return array_values(array_filter($this->judged, static fn (Judged $each): bool => $verdict === $each->verdict));
    }

    public function isRenewed(string $place): bool
    {
        return [] !== array_filter($this->given, static fn (PlaceAnswer $each): bool => $place === $each->place && $each->renewed);
    }

    public function asText(): string
    {
        return implode('; ', array_map(static fn (Judged $each): string => $each->text, $this->judged));
    }
}
