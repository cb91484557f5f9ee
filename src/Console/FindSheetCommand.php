<?php

declare(strict_types=1);

namespace FreshTack\Console;

use FreshTack\Core\ExpectedError;
use FreshTack\Core\Reading\Cursor;
use FreshTack\Core\Reading\InvalidDocument;
use FreshTack\Core\SpecBook\Asked;
use FreshTack\Core\SpecBook\Plate;
use FreshTack\Core\SpecBook\SheetMatch;
use FreshTack\Exchange\BookFolder;
use FreshTack\Exchange\Json;
use FreshTack\Shop\Book\IdentifyEngine;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

/** Exit 0: one sheet; exit 1: refused, or what was given can't be read. Both as JSON. */
#[AsCommand('spec:find', 'Finds the sheet for a model and serial number, or says why there is none')]
final class FindSheetCommand extends Command
{
    public function __construct(private readonly IdentifyEngine $identify, private readonly string $projectDir)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('request', InputArgument::OPTIONAL, 'in place of --model and --serial: a file with {"model", "serial", "year", "gearcase"}, or - for standard input');
        $this->addOption('model', null, InputOption::VALUE_REQUIRED, 'the model code');
        $this->addOption('serial', null, InputOption::VALUE_REQUIRED, 'the serial number as it stands on the plate');
        $this->addOption('year', null, InputOption::VALUE_REQUIRED, 'the model year, where a sheet asks for it');
        $this->addOption('gearcase', null, InputOption::VALUE_REQUIRED, 'the gearcase variant, where a sheet asks for it');
        $this->addOption('book', null, InputOption::VALUE_REQUIRED, 'a book folder to look in, in place of the shop\'s own book');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        try {
            $match = $this->find($input);
        } catch (ExpectedError $error) {
            Given::complain($output, $error->getMessage());

            return Command::FAILURE;
        }
        $output->writeln(Json::pretty(self::told($match)), OutputInterface::OUTPUT_RAW);

        return null === $match->head ? Command::FAILURE : Command::SUCCESS;
    }

    /** @throws ExpectedError */
    private function find(InputInterface $input): SheetMatch
    {
        $book = $input->getOption('book');
        $plate = null === $input->getArgument('request') ? self::typed($input) : self::asked(Cursor::over(Given::document($input, 'request')));

        return \is_string($book) ? BookFolder::at($book, $this->projectDir)->find($plate) : ($this->identify)($plate);
    }

    /** @throws InvalidDocument if model or serial number were left out */
    private static function typed(InputInterface $input): Plate
    {
        [$year, $gearcase] = [$input->getOption('year'), $input->getOption('gearcase')];

        return new Plate(Given::option($input, 'model'), Given::option($input, 'serial'), is_numeric($year) ? (int) $year : null, \is_string($gearcase) ? $gearcase : null);
    }

    /** @throws InvalidDocument with all that is wrong */
    private static function asked(Cursor $request): Plate
    {
        $request->knowsOnly('model', 'serial', 'year', 'gearcase');
        $plate = new Plate($request->at('model')->string(20), $request->at('serial')->string(30), $request->at('year')->optionalInt(1960, 2100), $request->at('gearcase')->optionalString(20));
        $request->flaws->throwIfAny();

        return $plate;
    }

    /** @return array<string, mixed> */
    private static function told(SheetMatch $match): array
    {
        return null === $match->head
            ? ['refusal' => ['reason' => $match->refusal?->reason->value, 'message' => $match->refusal?->message, 'remedy' => $match->refusal?->remedy, 'sheets' => $match->refusal?->sheets, 'asks' => array_map(static fn (Asked $asked): string => $asked->value, $match->refusal->asks ?? [])]]
            : ['sheet' => $match->head->id, 'revision' => $match->head->revision];
    }
}
