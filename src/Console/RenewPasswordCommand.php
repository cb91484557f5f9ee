<?php

declare(strict_types=1);

namespace FreshTack\Console;

use FreshTack\Shop\Account\KeepAccounts;
use FreshTack\Shop\Account\Username;
use FreshTack\Web\Security\SignedIn;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;
use Symfony\Component\PasswordHasher\Hasher\PasswordHasherFactoryInterface;

#[AsCommand('user:password', 'Gives an account a new password and signs it out everywhere; asked for, or read from standard input')]
final class RenewPasswordCommand extends Command
{
    public function __construct(private readonly KeepAccounts $accounts, private readonly PasswordHasherFactoryInterface $hashers)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('username', InputArgument::REQUIRED, 'whose account');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $username = Username::typed(Given::text($input, 'username'));
        $hasher = $this->hashers->getPasswordHasher(SignedIn::class);

        return Given::told($output, function () use ($username, $hasher, $input, $output): string {
            $this->accounts->renewPassword($username, PasswordPrompt::ask($input, $output, $username), $hasher->hash(...), 'console');

            return \sprintf('%s has a new password, and is signed out everywhere.', $username->text);
        });
    }
}
