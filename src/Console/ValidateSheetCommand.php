<?php

declare(strict_types=1);

namespace FreshTack\Console;

use FreshTack\Core\Reading\Flaw;
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
            [$isFlawed, $told] = $this->told($file);
            $flawed += $isFlawed ? 1 : 0;
            $output->writeln($file.($isFlawed ? '' : ': ok'), OutputInterface::OUTPUT_RAW);
            foreach ($told as $line) {
                $output->writeln('  '.$line, OutputInterface::OUTPUT_RAW);
            }
        }

        return 0 === $flawed ? Command::SUCCESS : Command::FAILURE;
    }

    /** @return array{bool, list<string>} whether it is flawed; its flaws, or what is possible and seldom meant */
    private function told(string $file): array
    {
        try {
            $text = Given::file($file);
            $sheet = SheetReader::read(Json::read($text));
            $this->schemas->validate($text, Schemas::SPEC_SHEET);
        } catch (InvalidDocument $error) {
            return [true, array_map(self::flaw(...), $error->flaws)];
        }

        return [false, array_map(static fn (string $doubt): string => 'in doubt: '.$doubt, Doubts::about($sheet))];
    }

    private static function flaw(Flaw $flaw): string
    {
        return ('' === $flaw->pointer ? '/' : $flaw->pointer).': '.$flaw->message;
    }
}
