<?php

declare(strict_types=1);

namespace FreshTack\Shop\Board;

/** What somebody typed into the command box, and what it may be meant as. */
final readonly class SearchText
{
    private const LONGEST = 60;
    private const SHORTEST_PHONE = 6;
    private const LONGEST_COUNTRY = 4;

    private function __construct(public string $text)
    {
    }

    public static function of(string $typed): self
    {
        return new self(mb_substr(trim($typed), 0, self::LONGEST));
    }

    /** The beginning of an order's number: `2401`, `#2401` or `order 2401`; null: it is none. */
    public function order(): ?string
    {
        return 1 === preg_match('/^(?:#|order\s*#?|no\.?\s*)?\s*([1-9]\d{0,8})$/i', $this->text, $found) ? $found[1] : null;
    }

    /** Whether it can only be the number of an order. */
    public function isOrderOnly(): bool
    {
        return null !== $this->order() && 1 !== preg_match('/^\d/', $this->text);
    }

    /**
     * A telephone number, as it may stand in the register: after a country's code its first digits are left out, since
     * the register has it as it is dialled here.
     *
     * @return list<string> digits, the longest first; empty: it is none
     */
    public function phones(): array
    {
        if (1 !== preg_match('/^\+?[\d\s()\/-]+$/', $this->text)) {
            return [];
        }
        $digits = (string) preg_replace('/\D/', '', $this->text);
        $isAbroad = str_starts_with($this->text, '+') || str_starts_with($digits, '00');
        $digits = str_starts_with($digits, '00') ? substr($digits, 2) : $digits;
        $all = [];
        for ($left = 0; $left <= ($isAbroad ? self::LONGEST_COUNTRY : 0); ++$left) {
            $all[] = substr($digits, $left);
        }

        return array_values(array_filter($all, static fn (string $each): bool => \strlen($each) >= self::SHORTEST_PHONE));
    }
}
