<?php

declare(strict_types=1);

namespace FreshTack\Console;

use FreshTack\Core\ExpectedError;
use FreshTack\Exchange\SheetDocument;
use FreshTack\Shop\Book\ExportBook;
use FreshTack\Shop\Book\Revisions;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('spec:export', 'Writes the whole book as a zip, or one sheet as JSON')]
final class ExportBookCommand extends Command
{
    public function __construct(private readonly ExportBook $export, private readonly Revisions $revisions)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('file', InputArgument::REQUIRED, 'the file to write');
        $this->addOption('sheet', null, InputOption::VALUE_REQUIRED, 'one sheet only: its name and revision, such as kestrane-k165-late:2');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        try {
            $bytes = $this->bytes($input);
        } catch (ExpectedError $error) {
            Given::complain($output, $error->getMessage());

            return Command::FAILURE;
        }
        if (false === @file_put_contents(Given::text($input, 'file'), $bytes)) {
            Given::complain($output, \sprintf('%s can\'t be written.', Given::text($input, 'file')));

            return Command::FAILURE;
        }

        return Command::SUCCESS;
    }

    /** @throws ExpectedError */
    private function bytes(InputInterface $input): string
    {
        $sheet = $input->getOption('sheet');
        if (!\is_string($sheet)) {
            return ($this->export)();
        }
        $named = explode(':', $sheet);

        return SheetDocument::text($this->revisions->get($named[0], (int) ($named[1] ?? 0))->document);
    }
}
