<?php

declare(strict_types=1);

namespace FreshTack\Tests\Storage\Upkeep;

use Doctrine\DBAL\Connection;
use FreshTack\Storage\Upkeep\SweepRows;
use Symfony\Bundle\FrameworkBundle\Test\KernelTestCase;
use Symfony\Component\Clock\MockClock;

final class SweepRowsTest extends KernelTestCase
{
    public function testAnswersAndFailuresAreKeptForADay(): void
    {
        $connection = self::getContainer()->get('doctrine.dbal.default_connection');
        self::assertInstanceOf(Connection::class, $connection);
        foreach (['2026-03-17 08:59:59', '2026-03-17 09:00:00'] as $index => $at) {
            $connection->insert('press', ['account' => 'ines', 'id' => "press-$index", 'asked' => '', 'made_at' => $at]);
            $connection->insert('login_failure', ['who' => "who-$index", 'failures' => 1, 'last_at' => $at]);
        }

        self::assertSame(2, (new SweepRows($connection, new MockClock('2026-03-18 09:00:00')))());
        self::assertSame(['press-1'], $connection->fetchFirstColumn('SELECT id FROM press'));
        self::assertSame(['who-1'], $connection->fetchFirstColumn('SELECT who FROM login_failure'));
    }
}
