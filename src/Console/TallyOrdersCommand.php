<?php

declare(strict_types=1);

namespace FreshTack\Console;

use FreshTack\Core\ExpectedError;
use FreshTack\Shop\Bench\TallyOrders;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('orders:tally', 'Counts, for the board, how far orders of a version before are at the bench')]
final class TallyOrdersCommand extends Command
{
    public function __construct(private readonly TallyOrders $tally)
    {
        parent::__construct();
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        try {
            $output->writeln(\sprintf('%d orders counted', ($this->tally)()), OutputInterface::VERBOSITY_VERBOSE);
        } catch (ExpectedError $error) {
            Given::complain($output, $error->getMessage());

            return Command::FAILURE;
        }

        return Command::SUCCESS;
    }
}
