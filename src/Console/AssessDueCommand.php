<?php

declare(strict_types=1);

namespace FreshTack\Console;

use FreshTack\Core\Due\DueRequestReader;
use FreshTack\Core\ExpectedError;
use FreshTack\Exchange\DueDocument;
use FreshTack\Exchange\Json;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

/** Without web and without database: what it needs stands in the request. */
#[AsCommand('due:assess', 'Says what is due, by hours or calendar, from intervals and last dates (JSON in, JSON out)')]
final class AssessDueCommand extends Command
{
    protected function configure(): void
    {
        $this->addArgument('request', InputArgument::OPTIONAL, 'a request file; standard input if left out', '-');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        try {
            $answer = DueDocument::of(DueRequestReader::assess(Given::document($input, 'request')));
        } catch (ExpectedError $error) {
            Given::complain($output, $error->getMessage());

            return Command::FAILURE;
        }
        $output->writeln(Json::pretty($answer), OutputInterface::OUTPUT_RAW);

        return Command::SUCCESS;
    }
}
