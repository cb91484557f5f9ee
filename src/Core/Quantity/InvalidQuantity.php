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

    public function errorKey(): string
    {
        return $this->errorKey;
    }
}
