<?php

declare(strict_types=1);

namespace FreshTack\Shop\Register;

use FreshTack\Core\ExpectedError;
use FreshTack\Core\Usage\Doubt;
use FreshTack\Core\Usage\QuestionedReading;

/** A reading that was not kept, because only whoever stands before the engine can say what is right. */
final class DoubtfulReading extends \RuntimeException implements ExpectedError
{
    public readonly Doubt $doubt;

    public function __construct(QuestionedReading $question)
    {
        $this->doubt = $question->doubt;
        parent::__construct($question->message);
    }

    public function errorKey(): string
    {
        return 'reading.'.$this->doubt->value;
    }

    public function pointer(): string
    {
        return match ($this->doubt) {
            Doubt::Future, Doubt::BeforeInService => '/on',
            default => '/hours',
        };
    }
}
