<?php

declare(strict_types=1);

namespace FreshTack\Console;

use FreshTack\Core\ExpectedError;
use FreshTack\Core\Plan\Sequence\Sequencer;
use FreshTack\Core\Plan\Sequence\SequenceReader;
use FreshTack\Core\Reading\InvalidDocument;
use FreshTack\Exchange\Json;
use FreshTack\Exchange\SequenceDocument;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

/** Without web and without database. */
#[AsCommand('plan:sequence', 'Puts activities over resources in a short order (JSON in, JSON out)')]
final class PlanSequenceCommand extends Command
{
    protected function configure(): void
    {
        $this->addArgument('request', InputArgument::OPTIONAL, 'a request file; standard input if left out', '-');
        $this->addOption('effort', null, InputOption::VALUE_REQUIRED, 'how many schedules to try', (string) Sequencer::DEFAULT_EFFORT);
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        try {
            $effort = self::effort(Given::option($input, 'effort'));
            $plan = (new Sequencer())->plan(SequenceReader::read(Given::document($input, 'request')), $effort);
        } catch (ExpectedError $error) {
            Given::complain($output, $error->getMessage());

            return Command::FAILURE;
        }
        $output->writeln(Json::pretty(SequenceDocument::of($plan)), OutputInterface::OUTPUT_RAW);

        return Command::SUCCESS;
    }

    /** @throws InvalidDocument */
    private static function effort(string $given): int
    {
        return 1 === preg_match('/^[1-9]\d{0,8}$/', $given) ? (int) $given : throw InvalidDocument::at('', '--effort takes a whole number of schedules, 1 or more.');
    }
}
