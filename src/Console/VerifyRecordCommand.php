<?php

declare(strict_types=1);

namespace FreshTack\Console;

use FreshTack\Shop\Audit\Subject;
use FreshTack\Storage\Chain\ChainName;
use FreshTack\Storage\Chain\ChainRows;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('record:verify', 'Holds what was written for good against its seals: of one order, or of the whole shop')]
final class VerifyRecordCommand extends Command
{
    public function __construct(private readonly ChainRows $rows)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('order', InputArgument::OPTIONAL, 'the number of one order');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $order = $input->getArgument('order');
        if (null !== $order && (!\is_string($order) || !ctype_digit($order))) {
            Given::complain($output, 'An order is named by its number, such as 2401.');

            return Command::INVALID;
        }
        $chains = $this->rows->all();
        if (null !== $order) {
            $number = (int) $order;
            $chains = array_filter([ChainName::ofOrder($number), ChainName::ofTrail(Subject::order($number))], $this->rows->isThere(...));
        }
        if ([] === $chains) {
            Given::complain($output, \sprintf('There is no order %s.', $order));

            return Command::INVALID;
        }
        $held = $broken = 0;
        foreach ($chains as $chain) {
            ++$held;
            $flaw = $this->rows->flawOf($chain);
            if (null !== $flaw) {
                ++$broken;
                Given::complain($output, $chain->text.': '.$flaw);
            }
        }
        $output->writeln(\sprintf('%d of %d chains fit their seals', $held - $broken, $held), OutputInterface::OUTPUT_RAW);

        return 0 === $broken ? Command::SUCCESS : Command::FAILURE;
    }
}
