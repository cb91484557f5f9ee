<?php

declare(strict_types=1);

namespace FreshTack\Console;

use FreshTack\Core\Reading\Cursor;
use FreshTack\Shop\Account\KeepAccounts;
use FreshTack\Shop\Account\NewAccount;
use FreshTack\Shop\Account\Role;
use FreshTack\Web\Security\SignedIn;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;
use Symfony\Component\PasswordHasher\Hasher\PasswordHasherFactoryInterface;

#[AsCommand('user:add', 'Makes an account; the password is asked for, or read from standard input')]
final class AddUserCommand extends Command
{
    public function __construct(private readonly KeepAccounts $accounts, private readonly PasswordHasherFactoryInterface $hashers)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('username', InputArgument::REQUIRED, 'by which they sign in')
            ->addOption('name', null, InputOption::VALUE_REQUIRED, 'as it stands under records')
            ->addOption('role', null, InputOption::VALUE_REQUIRED, 'one of '.self::roles());
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $hasher = $this->hashers->getPasswordHasher(SignedIn::class);

        return Given::told($output, function () use ($hasher, $input, $output): string {
            $at = Cursor::over([
                'username' => Given::text($input, 'username'),
                'name' => Given::option($input, 'name'),
                'role' => Given::option($input, 'role'),
            ]);
            $new = NewAccount::at($at);
            $at->flaws->throwIfAny();
            $password = PasswordPrompt::ask($input, $output, $new->username);
            $this->accounts->add($new, $password, $hasher->hash(...), 'console');

            return \sprintf('%s can sign in as %s (%s).', $new->name, $new->username->text, $new->role->value);
        });
    }

    private static function roles(): string
    {
        return implode(', ', array_column(Role::cases(), 'value'));
    }
}
