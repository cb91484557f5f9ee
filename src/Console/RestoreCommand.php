<?php

declare(strict_types=1);

namespace FreshTack\Console;

use FreshTack\Storage\Upkeep\RestoreBackup;
use FreshTack\Storage\Upkeep\UpkeepFailed;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('data:restore', 'Puts a backup in the place of the present data; use bin/restore')]
final class RestoreCommand extends Command
{
    public function __construct(private readonly RestoreBackup $restore)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('file', InputArgument::REQUIRED);
        $this->addOption('backups', null, InputOption::VALUE_REQUIRED, 'where the present data are backed up to');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $file = Given::word($input->getArgument('file')) ?? '';
        try {
            $this->restore->from(
                $file,
                Given::word($input->getOption('backups')) ?? '',
                static fn (string $told) => $output->writeln("· $told", OutputInterface::OUTPUT_RAW),
            );
        } catch (UpkeepFailed $error) {
            Given::complain($output, $error->getMessage());

            return Command::FAILURE;
        }
        $output->writeln("· restored from $file", OutputInterface::OUTPUT_RAW);

        return Command::SUCCESS;
    }
}
