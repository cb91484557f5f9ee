<?php

declare(strict_types=1);

namespace FreshTack\Core\Finding;

use FreshTack\Core\ExpectedError;

final class InvalidAnswer extends \DomainException implements ExpectedError
{
    private function __construct(private readonly string $errorKey, string $message)
    {
        parent::__construct($message);
    }

    public static function missing(AskedPlace $place): self
    {
        return new self('finding.missing', $place->prefix().'nothing is entered here yet.');
    }

    public static function twice(AskedPlace $place): self
    {
        return new self('finding.twice', $place->prefix().'this is answered twice.');
    }

    public static function unknownPlace(string $key): self
    {
        return new self('finding.unknown_place', \sprintf('This step does not ask for "%s". Load the page again.', $key));
    }

    public static function unknownAnswer(AskedPlace $place, string $code): self
    {
        return new self('finding.unknown_answer', \sprintf('%s"%s" is none of the answers.', $place->prefix(), $code));
    }

    public static function withoutWords(AskedPlace $place, Answer $answer): self
    {
        return new self('finding.words', \sprintf('%ssay it in words: %s.', $place->prefix(), lcfirst($answer->label)));
    }

    public static function offScale(AskedPlace $place, string $figure): self
    {
        return new self('finding.off_scale', \sprintf('%s%s can\'t be. Look at the unit and the point.', $place->prefix(), $figure));
    }

    public static function oneFigure(AskedPlace $place): self
    {
        return new self('finding.one_figure', $place->prefix().'one figure is asked for here.');
    }

    public static function nothingToRenew(AskedPlace $place): self
    {
        return new self('finding.nothing_to_renew', $place->prefix().'no new one lies ready here. Enter what is left of the old one.');
    }

    public function errorKey(): string
    {
        return $this->errorKey;
    }
}
