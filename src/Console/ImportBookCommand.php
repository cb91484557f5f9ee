<?php

declare(strict_types=1);

namespace FreshTack\Console;

use FreshTack\Core\ExpectedError;
use FreshTack\Shop\Account\Accounts;
use FreshTack\Shop\Account\Role;
use FreshTack\Shop\Account\Username;
use FreshTack\Shop\Book\BookChange;
use FreshTack\Shop\Book\ImportBook;
use FreshTack\Shop\NotFound;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

/** All of the file or nothing of it. A flaw is told with its file and path, and exit is 1. */
#[AsCommand('spec:import', 'Takes a sheet (JSON) or a book (zip) into the shop\'s book')]
final class ImportBookCommand extends Command
{
    public function __construct(private readonly ImportBook $import, private readonly Accounts $accounts)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('file', InputArgument::REQUIRED, 'the file to read');
        $this->addOption('as', null, InputOption::VALUE_REQUIRED, 'the manager\'s account in whose name it is taken in');
        $this->addOption('preview', null, InputOption::VALUE_NONE, 'say what would change, and change nothing');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        try {
            $name = Given::option($input, 'as');
            $by = $this->accounts->find(Username::typed($name));
            if (Role::Manager !== $by?->role) {
                throw NotFound::named('manager\'s account', $name);
            }
            $bytes = Given::file(Given::text($input, 'file'));
            $changes = true === $input->getOption('preview') ? $this->import->preview($bytes, $by) : $this->import->apply($bytes, '', $by);
        } catch (ExpectedError $error) {
            Given::complain($output, $error->getMessage());

            return Command::FAILURE;
        }
        foreach ($changes as $change) {
            $output->writeln(self::told($change), OutputInterface::OUTPUT_RAW);
        }

        return Command::SUCCESS;
    }

    /** Such as `new dunmarrow-d7 rev. 2, as draft (the file says published)`. */
    private static function told(BookChange $change): string
    {
        $arrival = $change->arrival;
        $told = $change->kind.' '.$change->name;
        if (null === $arrival) {
            return $told;
        }

        $corrected = $arrival->told === $arrival->status ? '' : ' (the file says '.$arrival->told->value.')';

        return $told.', as '.$arrival->status->value.$corrected;
    }
}
