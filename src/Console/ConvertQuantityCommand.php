<?php

declare(strict_types=1);

namespace FreshTack\Console;

use FreshTack\Core\ExpectedError;
use FreshTack\Core\Quantity\Conversion;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('quantity:convert', 'Converts a figure from one unit to another: quantity:convert 1.5 us_qt ml')]
final class ConvertQuantityCommand extends Command
{
    protected function configure(): void
    {
        $this->addArgument('value', InputArgument::REQUIRED, 'a decimal such as 1.5; write -- before one below zero');
        $this->addArgument('from', InputArgument::REQUIRED, 'the code of its unit');
        $this->addArgument('to', InputArgument::REQUIRED, 'the code of the unit wanted');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        try {
            $output->writeln(Conversion::of(Given::text($input, 'value'), Given::text($input, 'from'), Given::text($input, 'to'))->text(), OutputInterface::OUTPUT_RAW);
        } catch (ExpectedError $error) {
            Given::complain($output, $error->getMessage());

            return Command::FAILURE;
        }

        return Command::SUCCESS;
    }
}
