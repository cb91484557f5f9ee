<?php

declare(strict_types=1);

namespace FreshTack\Console;

use FreshTack\Storage\Upkeep\AppRights;
use FreshTack\Storage\Upkeep\DatabaseServer;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('data:rights', 'Renews what the application\'s account may do, table by table; run by the account that owns the tables')]
final class GrantRightsCommand extends Command
{
    public function __construct(private readonly AppRights $rights, private readonly DatabaseServer $server)
    {
        parent::__construct();
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $this->rights->grant($this->server->appAccount());

        return Command::SUCCESS;
    }
}
