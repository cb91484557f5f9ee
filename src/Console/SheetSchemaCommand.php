<?php

declare(strict_types=1);

namespace FreshTack\Console;

use FreshTack\Exchange\SheetSchema;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('spec:schema', 'Prints the JSON Schema of spec sheets, as docs/formats keeps it')]
final class SheetSchemaCommand extends Command
{
    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $output->write(SheetSchema::written(), false, OutputInterface::OUTPUT_RAW);

        return Command::SUCCESS;
    }
}
