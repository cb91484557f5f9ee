<?php

declare(strict_types=1);

namespace FreshTack\Console;

use FreshTack\Console\Demo\DemoDay;
use FreshTack\Console\Demo\DemoPerson;
use FreshTack\Core\Reading\Cursor;
use FreshTack\Core\Reading\InvalidDocument;
use FreshTack\Exchange\Json;
use FreshTack\Shop\ShopSettings;
use Psr\Clock\ClockInterface;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;
use Symfony\Contracts\HttpClient\HttpClientInterface;

#[AsCommand('demo:day', 'Has the demo\'s people work at the served demo, until each lane of its board holds something')]
final class DemoDayCommand extends Command
{
    public function __construct(
        private readonly ShopSettings $settings,
        private readonly HttpClientInterface $client,
        private readonly ClockInterface $clock,
        private readonly string $projectDir,
    ) {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('address', InputArgument::REQUIRED, 'at which the demo is served, such as http://127.0.0.1:8420');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        return Given::told($output, function () use ($input, $output): string {
            $password = $this->settings->demoPassword()
                ?? throw InvalidDocument::at('', 'This shop is no demo: nobody works in it but its own people.');
            $boats = Cursor::over(Json::read(Given::file($this->projectDir.'/demo/day.json')))->at('boats')->list();
            $person = new DemoPerson($this->client, rtrim(Given::text($input, 'address'), '/'), $password);
            $day = new DemoDay($person, $this->clock->now()->setTimezone(new \DateTimeZone('UTC')));
            if ([] === $boats || $day->wasLived($boats[0])) {
                return 'The demo has had its day.';
            }
            $day->live($boats, static fn (string $done) => $output->writeln('  '.$done));

            return 'The demo is at eleven in the morning.';
        });
    }
}
