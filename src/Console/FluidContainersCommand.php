<?php

declare(strict_types=1);

namespace FreshTack\Console;

use FreshTack\Core\Fluid\ContainerPlanner;
use FreshTack\Core\Fluid\FluidRequestReader;
use FreshTack\Exchange\FluidDocument;
use Symfony\Component\Console\Attribute\AsCommand;

#[AsCommand('fluid:containers', 'Picks the cheapest containers that cover a need (JSON in, JSON out)')]
final class FluidContainersCommand extends DocumentCommand
{
    protected function answer(mixed $request): array
    {
        [$need, $shelf] = FluidRequestReader::containers($request);

        return FluidDocument::containers((new ContainerPlanner())->plan($need, $shelf));
    }
}
