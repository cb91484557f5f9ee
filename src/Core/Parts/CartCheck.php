<?php

declare(strict_types=1);

namespace FreshTack\Core\Parts;

/**
 * Holds the number on a part's label against the parts of one order, engine by engine: the wrong side of a serial break
 * stops here. The maker's own part is as good as the one that stands in for it. Small letters and blanks are as good as capitals without.
 */
final readonly class CartCheck
{
    /**
     * @param list<CartPart>        $parts
     * @param array<string, string> $engines model and serial number, by what the order calls the engine
     */
    public function __construct(private array $parts, private array $engines)
    {
    }

    /**
     * @param string|null  $engine    the one that it would be fitted to; null: all that the number is for
     * @param list<string> $elsewhere serial ranges of the same models whose sheets name this number
     */
    public function hold(string $number, ?string $engine, array $elsewhere = []): CartAnswer
    {
        foreach ($this->parts as $part) {
            if (self::isAmong($number, array_filter([$part->number, $part->standsFor], \is_string(...)))) {
                return $this->found($part, $engine);
            }
        }

        return $this->replaced($number) ?? $this->missed($number, $elsewhere);
    }

    private function found(CartPart $part, ?string $engine): CartAnswer
    {
        if (null !== $engine && !\in_array($engine, $part->engines, true)) {
            return new CartAnswer(CartState::OtherEngine, \sprintf('%s, %s, is for %s and not for %s, %s. Put it back.', $part->number, $part->description, implode(' and ', $part->engines), $engine, $this->engines[$engine] ?? ''));
        }
        $for = null === $engine ? $part->engines : [$engine];

        return new CartAnswer(CartState::Fits, \sprintf('%s, %s, fits %s.', $part->number, $part->description, implode(' and ', array_map(fn (string $each): string => trim($each.', '.($this->engines[$each] ?? ''), ', '), $for))), $part->number, $for);
    }

    private function replaced(string $number): ?CartAnswer
    {
        foreach ($this->parts as $part) {
            if (self::isAmong($number, $part->instead)) {
                return new CartAnswer(CartState::OldNumber, \sprintf('%s is the old number: %s took its place. Take that one.', $number, $part->number));
            }
            if (self::isAmong($number, $part->pieces)) {
                return new CartAnswer(CartState::InKit, \sprintf('%s comes in the kit %s, which this order takes. Confirm the kit.', $number, $part->number));
            }
        }

        return null;
    }

    /** @param list<string> $elsewhere */
    private function missed(string $number, array $elsewhere): CartAnswer
    {
        return [] === $elsewhere
            ? new CartAnswer(CartState::Unknown, \sprintf('No part of this order has the number %s. Look at the label again, or ask the parts counter.', $number))
            : new CartAnswer(CartState::OtherSide, \sprintf('%s is for %s, on the other side of a serial break; here hangs %s. Put it back.', $number, implode(' and ', $elsewhere), implode(' and ', $this->engines)));
    }

    /** @param array<string> $numbers */
    private static function isAmong(string $number, array $numbers): bool
    {
        return \in_array(self::plain($number), array_map(self::plain(...), $numbers), true);
    }

    private static function plain(string $number): string
    {
        return strtoupper(str_replace(' ', '', $number));
    }
}
