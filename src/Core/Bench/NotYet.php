<?php

declare(strict_types=1);

namespace FreshTack\Core\Bench;

use FreshTack\Core\Plan\Gate;

/** Why a step may not be done now, and what to do first. */
final readonly class NotYet
{
    /**
     * @param Gate|null               $gate  null: a rule of the bench that no plan knows
     * @param BenchStep|null          $first the open step that has to be done before it
     * @param Claim|null              $claim somebody else's, where that is all that bars it
     * @param bool                    $atCart whether the cart is where that is done
     * @param \DateTimeImmutable|null $until when it is only time that is missing: from then on it may be done
     */
    private function __construct(
        public ?Gate $gate,
        public string $missing,
        public ?BenchStep $first = null,
        public ?\DateTimeImmutable $until = null,
        public bool $atCart = false,
        public ?Claim $claim = null,
    ) {
    }

    /** @param string $engine its label; empty where there is but one */
    public static function missing(Gate $gate, string $engine, ?BenchStep $first): self
    {
        return new self($gate, self::at($engine, MissingWords::of($gate)), $first);
    }

    public static function because(?Gate $gate, string $engine, string $why, ?BenchStep $first = null): self
    {
        return new self($gate, self::at($engine, $why), $first);
    }

    /** @param list<string> $numbers of parts */
    public static function notHeld(array $numbers): self
    {
        return new self(
            null,
            \sprintf('Nobody has held %s against this engine yet: do that at the cart first.', implode(', ', $numbers)),
            atCart: true,
        );
    }

    public static function ofOther(IssuedWork $work, BenchStep $step, Claim $claim): self
    {
        $what = $claim->of === $work->work->id->text ? "“{$work->work->title}”" : $step->label;

        return new self(
            null,
            \sprintf('%s: somebody else has taken this on. Ask them, or take it over.', $what),
            claim: $claim,
        );
    }

    public static function resting(string $engine, \DateTimeImmutable $until, \DateTimeImmutable $now): self
    {
        $minutes = (int) ceil(($until->getTimestamp() - $now->getTimestamp()) / 60);

        return new self(
            Gate::Rested,
            self::at($engine, \sprintf('The oil has not rested long enough. Wait %d min more.', max(1, $minutes))),
            null,
            $until,
        );
    }

    public static function second(string $engine, \DateTimeImmutable $until, \DateTimeImmutable $now): self
    {
        $minutes = (int) ceil(($until->getTimestamp() - $now->getTimestamp()) / 60);

        return new self(
            Gate::Rested,
            self::at($engine, \sprintf(
                'The second of two readings counts ten minutes after the first. Wait %d min more.',
                max(1, $minutes),
            )),
            null,
            $until,
        );
    }

    /** In one or two sentences. */
    public function text(): string
    {
        return $this->missing.(null === $this->first ? '' : ' First: '.$this->first->named().'.');
    }

    private static function at(string $engine, string $sentence): string
    {
        return '' === $engine ? $sentence : $engine.': '.lcfirst($sentence);
    }
}
