<?php

declare(strict_types=1);

namespace FreshTack\Core\Usage;

/** A reading that can't be taken as it stands, with the reason and the remedy in one text. */
final readonly class QuestionedReading
{
    public function __construct(public Doubt $doubt, public string $message)
    {
    }
}
