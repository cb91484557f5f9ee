<?php

declare(strict_types=1);

namespace FreshTack\Console;

use FreshTack\Core\Fluid\FluidRequestReader;
use FreshTack\Core\Fluid\LevelAdvisor;
use FreshTack\Exchange\FluidDocument;
use Symfony\Component\Console\Attribute\AsCommand;

#[AsCommand('fluid:level', 'Says what a dipstick reading means and what to do next (JSON in, JSON out)')]
final class FluidLevelCommand extends DocumentCommand
{
    protected function answer(mixed $request): array
    {
        [$question, $dipstick] = FluidRequestReader::level($request);

        return FluidDocument::level((new LevelAdvisor())->advise($question, $dipstick));
    }
}
