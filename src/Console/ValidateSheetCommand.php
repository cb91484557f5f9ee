<?php

declare(strict_types=1);

namespace FreshTack\Console;

use FreshTack\Core\Reading\InvalidDocument;
use FreshTack\Core\SpecBook\Doubts;
use FreshTack\Core\SpecBook\SheetReader;
use FreshTack\Exchange\Json;
use FreshTack\Exchange\Schemas;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

/** A line for each file, and under it every flaw with its path. Exit 1 if any file is flawed. */
#[AsCommand('spec:validate', 'Holds spec sheet files against the format')]
final class ValidateSheetCommand extends Command
{
    public function __construct(private readonly Schemas $schemas)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('files', InputArgument::REQUIRED | InputArgument::IS_ARRAY, 'sheet files (JSON)');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $files = $input->getArgument('files');
        $flawed = 0;
        foreach (\is_array($files) ? array_filter($files, \is_string(...)) : [] as $file) {
            $flaws = $this->flaws($file);
            $flawed += [] === $flaws ? 0 : 1;
            $output->writeln($file.([] === $flaws ? ': ok' : ''), OutputInterface::OUTPUT_RAW);
            foreach ([] === $flaws ? $this->doubts($file) : $flaws as $flaw) {
                $output->writeln('  '.$flaw, OutputInterface::OUTPUT_RAW);
            }
        }

        return 0 === $flawed ? Command::SUCCESS : Command::FAILURE;
    }

    /** @return list<string> */
    private function flaws(string $file): array
    {
        try {
            $text = Given::file($file);
            SheetReader::read(Json::read($text));
            $this->schemas->validate($text, Schemas::SPEC_SHEET);
        } catch (InvalidDocument $error) {
            return array_map(static fn ($flaw): string => ('' === $flaw->pointer ? '/' : $flaw->pointer).': '.$flaw->message, $error->flaws);
        }

        return [];
    }

    /** @return list<string> what is possible and seldom meant; no reason to fail */
    private function doubts(string $file): array
    {
        try {
            return array_map(
                static fn (string $doubt): string => 'in doubt: '.$doubt,
                Doubts::about(SheetReader::read(Json::read(Given::file($file)))),
            );
        } catch (InvalidDocument) {
            return [];
        }
    }
}
