<?php

declare(strict_types=1);

namespace FreshTack\Console;

use FreshTack\Core\ExpectedError;
use FreshTack\Core\Order\OrderBuilder;
use FreshTack\Core\Plan\Effort;
use FreshTack\Exchange\BookFolder;
use FreshTack\Exchange\Json;
use FreshTack\Exchange\OrderRequestReader;
use FreshTack\Exchange\WorkOrderDocument;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

/** Builds an order from a request file or standard input, without web and without database. */
#[AsCommand('order:build', 'Builds a work order from a request (JSON) and prints it (JSON)')]
final class BuildOrderCommand extends Command
{
    public function __construct(private readonly OrderBuilder $builder, private readonly string $projectDir)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('request', InputArgument::OPTIONAL, 'a request file; standard input if left out', '-');
        $this->addOption('book', null, InputOption::VALUE_REQUIRED, 'a book folder in which sheets and procedures are found that the request does not embed');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $book = $input->getOption('book');

        try {
            $request = Given::document($input, 'request');
            $complete = \is_string($book) && \is_array($request) ? BookFolder::at($book, $this->projectDir)->complete($request) : $request;
            $order = $this->builder->build(OrderRequestReader::read($complete), Effort::Full);
            $output->writeln(Json::pretty(WorkOrderDocument::of($order)), OutputInterface::OUTPUT_RAW);
        } catch (ExpectedError $error) {
            Given::complain($output, $error->getMessage());

            return Command::FAILURE;
        }

        return Command::SUCCESS;
    }
}
