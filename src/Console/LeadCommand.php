<?php

declare(strict_types=1);

namespace FreshTack\Console;

use FreshTack\Shop\Account\Accounts;
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
    public function __construct(private readonly Accounts $accounts)
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
        $name = $input->getArgument('username');
        $account = $this->accounts->find(Username::typed(\is_string($name) ? $name : ''));
        if (null === $account) {
            $output->writeln('<error>There is no account of this name.</error>');

            return Command::FAILURE;
        }
        $leads = true !== $input->getOption('no-more');
        $this->accounts->setLead($account, $leads);
        $output->writeln(\sprintf('%s %s.', $account->name, $leads ? 'leads at the bench' : 'does not lead any more'));

        return Command::SUCCESS;
    }
}
