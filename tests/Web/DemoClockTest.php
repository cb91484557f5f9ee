<?php

declare(strict_types=1);

namespace FreshTack\Tests\Web;

use FreshTack\Web\ClockFactory;
use FreshTack\Web\DemoClock;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\RequestStack;

final class DemoClockTest extends TestCase
{
    private const NOW = '2026-03-18T09:00:00+00:00';

    /** @return iterable<string, array{bool, string|null, string}> whether it is a demo, what the request says, and what time it is */
    public static function times(): iterable
    {
        yield 'yesterday in a demo' => [true, '2026-03-17T14:05:00Z', '2026-03-17T14:05:00+00:00'];
        yield 'a request that says nothing' => [true, null, self::NOW];
        yield 'a time to come' => [true, '2026-03-18T09:00:01Z', self::NOW];
        yield 'what is no time' => [true, 'yesterday', self::NOW];
        yield 'a shop that is no demo' => [false, '2026-03-17T14:05:00Z', self::NOW];
    }

    #[DataProvider('times')]
    public function testOnlyARequestOfADemoSaysWhenItWasMade(bool $isDemo, ?string $said, string $now): void
    {
        $requests = new RequestStack();
        $requests->push(
            Request::create('/api/board', server: null === $said ? [] : ['HTTP_'.strtoupper(strtr(DemoClock::HEADER, '-', '_')) => $said]),
        );

        self::assertSame($now, ClockFactory::create(self::NOW, $isDemo, $requests)->now()->format('c'));
    }
}
