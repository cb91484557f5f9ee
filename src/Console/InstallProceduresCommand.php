<?php

declare(strict_types=1);

namespace FreshTack\Console;

use FreshTack\Shop\Book\InstallProcedures;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('procedures:install', 'Takes the program\'s procedures into the book; what the shop has changed stays')]
final class InstallProceduresCommand extends Command
{
    public function __construct(private readonly InstallProcedures $install)
    {
        parent::__construct();
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        return Given::told($output, function (): string {
            $taken = ($this->install)();

            return [] === $taken ? 'The book has the program\'s procedures.' : \sprintf('Taken into the book: %s.', implode(', ', $taken));
        });
    }
}
