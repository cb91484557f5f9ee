<?php

declare(strict_types=1);

namespace FreshTack\Core\Quantity;

use FreshTack\Core\ExpectedError;

final class InvalidQuantity extends \DomainException implements ExpectedError
{
    private function __construct(private readonly string $errorKey, string $message)
    {
        parent::__construct($message);
    }

    public static function notDecimal(string $text): self
    {
        return new self('quantity.not_decimal', \sprintf('"%s" is not a decimal number. Write it as 3.75, without spaces or a unit.', $text));
    }

    public static function negative(string $what, string $text): self
    {
        return new self('quantity.negative', \sprintf('%s can\'t be below zero, but is %s.', $what, $text));
    }

    public static function unknownUnit(string $unit, string ...$known): self
    {
        return new self('quantity.unknown_unit', \sprintf('"%s" is not a unit for this. Use one of: %s.', $unit, implode(', ', $known)));
    }

    public static function tooFine(string $what, string $text, string $step): self
    {
        return new self('quantity.too_fine', \sprintf('%s is kept to %s; %s is finer than that.', $what, $step, $text));
    }

    public static function offScale(string $what, string $text, string $range): self
    {
        return new self('quantity.off_scale', \sprintf('%s must lie in %s, but is %s.', $what, $range, $text));
    }

    public static function upsideDown(string $what, string $min, string $max): self
    {
        return new self('quantity.upside_down', \sprintf('%s runs from the smaller figure to the larger, but is %s to %s.', $what, $min, $max));
    }

    public static function otherKind(string $from, string $fromKind, string $to, string $toKind): self
    {
        return new self('quantity.other_kind', \sprintf('%s is a %s and %s is a %s: one can\'t be turned into the other.', $from, $fromKind, $to, $toKind));
    }

    public function errorKey(): string
    {
        return $this->errorKey;
    }
}
