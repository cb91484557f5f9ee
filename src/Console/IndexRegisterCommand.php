<?php

declare(strict_types=1);

namespace FreshTack\Console;

use FreshTack\Core\ExpectedError;
use FreshTack\Shop\Register\IndexRegister;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('register:index', 'Makes the search anew, and asks that what is due be worked out anew')]
final class IndexRegisterCommand extends Command
{
    public function __construct(private readonly IndexRegister $index)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addOption('if-missing', null, InputOption::VALUE_NONE, 'only what was never made');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        try {
            $told = ($this->index)(true === $input->getOption('if-missing'), static fn (int $done) => $output->writeln("$done boats", OutputInterface::VERBOSITY_VERBOSE));
        } catch (ExpectedError $error) {
            Given::complain($output, $error->getMessage());

            return Command::FAILURE;
        }
        $output->writeln($told, OutputInterface::OUTPUT_RAW);

        return Command::SUCCESS;
    }
}
