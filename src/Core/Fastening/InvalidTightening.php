<?php

declare(strict_types=1);

namespace FreshTack\Core\Fastening;

use FreshTack\Core\ExpectedError;

final class InvalidTightening extends \DomainException implements ExpectedError
{
    private function __construct(private readonly string $errorKey, string $message)
    {
        parent::__construct($message);
    }

    public static function outOfOrder(string $what): self
    {
        return new self('tightening.out_of_order', \sprintf('%s must run from the smallest to the largest.', $what));
    }

    public static function tooFewStages(): self
    {
        return new self('tightening.too_few_stages', 'A torque in stages has two stages or more.');
    }

    public static function angle(int $degrees): self
    {
        return new self('tightening.angle', \sprintf('An angle is 1 to 360 degrees, but is %d.', $degrees));
    }

    public static function notTurns(string $text): self
    {
        return new self('tightening.not_turns', \sprintf('"%s" is not a number of turns. Write 3/4, 1 1/2 or 0.75.', $text));
    }

    public static function torqueOutside(string $used, TorqueTightening $range): self
    {
        return new self('tightening.torque_outside', \sprintf('%s is outside %s. Set the wrench again and tighten anew; if that can\'t be done, use "Could not" and say why.', $used, $range->range()));
    }

    public static function turnsOutside(string $used, TurnsRange $range): self
    {
        return new self('tightening.turns_outside', \sprintf('%s turn is outside %s. Correct it; if that can\'t be done, use "Could not" and say why.', $used, $range->figure()));
    }

    public function errorKey(): string
    {
        return $this->errorKey;
    }
}
