<?php

declare(strict_types=1);

namespace FreshTack\Console;

use FreshTack\Storage\Upkeep\MakeBackup;
use FreshTack\Storage\Upkeep\UpkeepFailed;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('data:backup', 'Backs up the shop\'s data; use bin/backup')]
final class BackUpCommand extends Command
{
    public function __construct(private readonly MakeBackup $backup)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('file', InputArgument::REQUIRED, 'where to; nothing is overwritten');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $file = Given::text($input, 'file');
        try {
            $this->backup->to($file);
        } catch (UpkeepFailed $error) {
            Given::complain($output, $error->getMessage());

            return Command::FAILURE;
        }
        $output->writeln("· backup written to $file", OutputInterface::OUTPUT_RAW);

        return Command::SUCCESS;
    }
}
