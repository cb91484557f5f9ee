<?php

declare(strict_types=1);

namespace FreshTack\Console;

use FreshTack\Storage\Upkeep\UpgradeData;
use FreshTack\Storage\Upkeep\UpkeepFailed;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('data:upgrade', 'Brings tables, rights and the data folder up to this version, after a backup')]
final class UpgradeDataCommand extends Command
{
    public function __construct(private readonly UpgradeData $upgrade)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addOption('backups', null, InputOption::VALUE_REQUIRED, 'where the present data are backed up to');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        try {
            ($this->upgrade)(
                Given::word($input->getOption('backups')) ?? '',
                static fn (string $told) => $output->writeln("· $told", OutputInterface::OUTPUT_RAW),
            );
        } catch (UpkeepFailed $error) {
            Given::complain($output, $error->getMessage());

            return Command::FAILURE;
        }

        return Command::SUCCESS;
    }
}
