<?php

declare(strict_types=1);

namespace FreshTack\Console;

use FreshTack\Storage\Background\ProbeWorker;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('worker:probe', 'Gives the worker a small job and waits until it is done')]
final class ProbeWorkerCommand extends Command
{
    private const SECONDS = 12;

    public function __construct(private readonly ProbeWorker $probe)
    {
        parent::__construct();
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        if (!$this->probe->isAnswered(self::SECONDS)) {
            Given::complain($output, \sprintf('the worker has done nothing in %d s', self::SECONDS));

            return Command::FAILURE;
        }
        $output->writeln('The worker did a job.');

        return Command::SUCCESS;
    }
}
