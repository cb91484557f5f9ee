<?php

declare(strict_types=1);

namespace FreshTack\Console;

use FreshTack\Storage\Upkeep\Sweep;
use FreshTack\Storage\Upkeep\SweepRows;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('data:sweep', 'Removes files that can be made again or have had their time; the worker does it every hour')]
final class SweepCommand extends Command
{
    public function __construct(private readonly Sweep $sweep, private readonly SweepRows $sweepRows)
    {
        parent::__construct();
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $output->writeln(\sprintf('%d files and %d rows removed', ($this->sweep)(), ($this->sweepRows)()));

        return Command::SUCCESS;
    }
}
