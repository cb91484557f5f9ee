<?php

declare(strict_types=1);

namespace FreshTack\Console;

use FreshTack\Shop\Account\KeepAccounts;
use FreshTack\Shop\Account\Username;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('user:lock', 'Locks an account out, everywhere and at once; what it did stays')]
final class LockUserCommand extends Command
{
    public function __construct(private readonly KeepAccounts $accounts)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('username', InputArgument::REQUIRED, 'whose account')
            ->addOption('undo', null, InputOption::VALUE_NONE, 'lets it in again');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $username = Username::typed(Given::text($input, 'username'));
        $locked = true !== $input->getOption('undo');

        return Given::told($output, function () use ($username, $locked): string {
            $this->accounts->lock($username, $locked, 'console');

            return \sprintf('%s %s.', $username->text, $locked ? 'is locked out' : 'can sign in again');
        });
    }
}
