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

#[AsCommand('account:lead', 'Lets somebody lead at the bench: lift stops, and let an engine go that is not fit to run')]
final class LeadCommand extends Command
{
    public function __construct(private readonly KeepAccounts $accounts)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('username', InputArgument::REQUIRED, 'whose account')
            ->addOption('no-more', null, InputOption::VALUE_NONE, 'takes the right away');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $leads = true !== $input->getOption('no-more');

        return Given::told($output, function () use ($input, $leads): string {
            $account = $this->accounts->lead(Username::typed(Given::text($input, 'username')), $leads, 'console');

            return \sprintf('%s %s.', $account->name, $leads ? 'leads at the bench' : 'does not lead any more');
        });
    }
}
