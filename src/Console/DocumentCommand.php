<?php

declare(strict_types=1);

namespace FreshTack\Console;

use FreshTack\Core\ExpectedError;
use FreshTack\Exchange\Json;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

/** A document in, from a file or standard input, and a document out; what is wrong on standard error, with status 1. Needs neither web nor database. */
abstract class DocumentCommand extends Command
{
    protected function configure(): void
    {
        $this->addArgument('request', InputArgument::OPTIONAL, 'a request file; standard input if left out', '-');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        try {
            $answer = $this->answer(Given::document($input, 'request'));
        } catch (ExpectedError $error) {
            Given::complain($output, $error->getMessage());

            return Command::FAILURE;
        }
        $output->writeln(Json::pretty($answer), OutputInterface::OUTPUT_RAW);

        return Command::SUCCESS;
    }

    /**
     * @return array<string, mixed>
     *
     * @throws ExpectedError
     */
    abstract protected function answer(mixed $request): array;
}
