<?php

declare(strict_types=1);

namespace FreshTack\Tests\Web;

use Doctrine\DBAL\Driver\AbstractException;
use FreshTack\Shop\Away;
use FreshTack\Storage\Upkeep\DatabaseAway;
use FreshTack\Web\Http\LogLine;
use Monolog\Level;
use Monolog\LogRecord;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Event\ExceptionEvent;
use Symfony\Component\HttpKernel\HttpKernelInterface;

/** What is told when something under the application is not there. The journeys and scripts take it away for real. */
final class AwayTest extends TestCase
{
    /** @return iterable<string, array{int, string|null}> */
    public static function codes(): iterable
    {
        yield 'no server' => [2002, 'away.database'];
        yield 'lost while asked' => [2013, 'away.database'];
        yield 'shutting down' => [1053, 'away.database'];
        yield 'too many connections' => [1040, 'away.database'];
        yield 'disk full' => [1021, 'away.disk'];
        yield 'table full' => [1114, 'away.disk'];
        yield 'read-only' => [1290, 'away.disk'];
        yield 'a row that is there already is our fault' => [1062, null];
        yield 'a wrong password too' => [1045, null];
    }

    #[DataProvider('codes')]
    public function testADatabaseThatIsNotThereIsToldAsThat(int $code, ?string $key): void
    {
        $cause = new class('x', null, $code) extends AbstractException {};
        $event = new ExceptionEvent(self::createStub(HttpKernelInterface::class), new Request(), HttpKernelInterface::MAIN_REQUEST, new \RuntimeException('wrapped', 0, $cause));
        (new DatabaseAway())($event);
        $told = $event->getThrowable();

        self::assertSame($key, $told instanceof Away ? $told->errorKey : null);
    }

    public function testTheAddressOfACalendarDoesNotStandInTheLogWhereverItIs(): void
    {
        $token = rtrim(strtr(base64_encode(random_bytes(32)), '+/', '-_'), '=');
        $error = new \RuntimeException("No route for /calendar/$token.ics");
        $line = (new LogLine())->format(new LogRecord(new \DateTimeImmutable(), 'request', Level::Info, "Matched /calendar/$token.ics", ['route_parameters' => ['token' => $token], 'exception' => $error], ['request_id' => '272bf4ff3e45cfaf41316d10e7e2333a']));

        self::assertStringNotContainsString($token, $line);
        self::assertStringContainsString('272bf4ff3e45cfaf41316d10e7e2333a', $line, 'numbers of requests stay');
    }
}
