<?php

declare(strict_types=1);

namespace FreshTack\Core\Policy;

use FreshTack\Core\ExpectedError;

final class InvalidPolicy extends \DomainException implements ExpectedError
{
    private function __construct(private readonly string $errorKey, public readonly Question $question, string $message)
    {
        parent::__construct($message);
    }

    public static function unknownSchool(Question $question, string $code): self
    {
        return new self('policy.unknown_school', $question, \sprintf('"%s" is no answer to "%s". There are: %s.', $code, $question->title(), implode(', ', array_map(static fn (School $school): string => $school->code, $question->schools()))));
    }

    public static function refused(Question $question, School $school): self
    {
        return new self('policy.refused', $question, \sprintf('%s: "%s" can\'t be chosen. %s', $question->title(), $school->name, $school->refused));
    }

    public static function contradiction(Question $question, School $school, Question $other, School $against, string $why): self
    {
        return new self('policy.contradiction', $question, \sprintf('"%s" (%s) does not go with "%s" (%s): %s Change one of the two.', $school->name, lcfirst($question->title()), $against->name, lcfirst($other->title()), $why));
    }

    public function errorKey(): string
    {
        return $this->errorKey;
    }
}
