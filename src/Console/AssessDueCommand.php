<?php

declare(strict_types=1);

namespace FreshTack\Console;

use FreshTack\Core\Due\DueRequestReader;
use FreshTack\Exchange\DueDocument;
use Symfony\Component\Console\Attribute\AsCommand;

#[AsCommand('due:assess', 'Says what is due, by hours or calendar, from intervals and last dates (JSON in, JSON out)')]
final class AssessDueCommand extends DocumentCommand
{
    protected function answer(mixed $request): array
    {
        return DueDocument::of(DueRequestReader::assess($request));
    }
}
