<?php

declare(strict_types=1);

namespace FreshTack\Core\Finding;

use FreshTack\Core\ExpectedError;

final class InvalidShopAnswer extends \DomainException implements ExpectedError
{
    private function __construct(private readonly string $errorKey, string $message)
    {
        parent::__construct($message);
    }

    public static function unknown(string $code): self
    {
        return new self('finding.unknown', \sprintf('There is no "%s" in the table. Load the page again.', $code));
    }

    public static function weaker(Answer $answer): self
    {
        return new self('finding.weaker', \sprintf('"%s" can\'t count for less than the trade says. Choose something graver.', $answer->label));
    }

    public static function nothingUsual(string $what): self
    {
        return new self('finding.nothing_usual', \sprintf('Of %s one answer must say that all is as it should be.', $what));
    }

    public static function twice(Answer $answer): self
    {
        return new self('finding.answer_twice', \sprintf('"%s" stands there already. Word it otherwise.', $answer->label));
    }

    public static function light(string $label): self
    {
        return new self('finding.light', \sprintf('"%s" is at least a note: say how bad it is.', $label));
    }

    public function errorKey(): string
    {
        return $this->errorKey;
    }
}
