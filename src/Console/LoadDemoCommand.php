<?php

declare(strict_types=1);

namespace FreshTack\Console;

use FreshTack\Core\ExpectedError;
use FreshTack\Shop\Book\InstallProcedures;
use FreshTack\Storage\Demo\DemoLoader;
use FreshTack\Web\Security\SignedIn;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;
use Symfony\Component\PasswordHasher\Hasher\PasswordHasherFactoryInterface;

#[AsCommand('demo:load', 'Loads the demo shop into an empty database')]
final class LoadDemoCommand extends Command
{
    public function __construct(
        private readonly DemoLoader $demo,
        private readonly InstallProcedures $procedures,
        private readonly PasswordHasherFactoryInterface $hashers,
    ) {
        parent::__construct();
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        if (!$this->demo->isEmpty()) {
            $output->writeln('The database already holds a shop; nothing was loaded.');

            return Command::SUCCESS;
        }
        $hasher = $this->hashers->getPasswordHasher(SignedIn::class);

        return $this->told($output, function () use ($hasher, $output): void {
            $this->demo->load(
                static fn (string $password): string => $hasher->hash($password),
                static fn (string $what) => $output->writeln('  loading '.$what),
            );
            ($this->procedures)();
        });
    }

    /** @param \Closure(): void $load */
    private function told(OutputInterface $output, \Closure $load): int
    {
        try {
            $load();
        } catch (ExpectedError $error) {
            $output->writeln('<error>The demo is flawed: '.$error->getMessage().'</error>');

            return Command::FAILURE;
        }

        return Command::SUCCESS;
    }
}
