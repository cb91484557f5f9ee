<?php

declare(strict_types=1);

namespace FreshTack\Tests\Outside;

use FreshTack\Outside\HttpEngineReader;
use FreshTack\Shop\Register\ReaderTrouble;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Symfony\Component\HttpClient\MockHttpClient;
use Symfony\Component\HttpClient\Response\MockResponse;

final class EngineReaderTest extends TestCase
{
    private const REPORT = '{"format":"fresh-tack/engine-reader/1","serial":"KM2-7001","date":"2026-03-18","hours":"110.3","speedBands":[{"fromRpm":0,"toRpm":1000,"percent":61},{"fromRpm":1000,"toRpm":6000,"percent":39}],"faults":[]}';

    public function testAsksForTheEngineByItsSerialNumber(): void
    {
        $asked = [];
        $http = new MockHttpClient(static function (string $method, string $url) use (&$asked): MockResponse {
            $asked[] = "$method $url";

            return new MockResponse(self::REPORT);
        });
        $report = (new HttpEngineReader($http, 'http://reader.test:9000/'))->ask('KM2 7001/x');

        self::assertSame(['GET http://reader.test:9000/engines/KM2%207001%2Fx'], $asked);
        self::assertSame(['110.3', true], [$report->hours->text(), $report->isMostlyIdling()]);
    }

    /** @return iterable<string, array{MockResponse, string}> */
    public static function troubles(): iterable
    {
        yield 'not connected to this engine' => [new MockResponse('{}', ['http_code' => 404]), 'reader.unknown'];
        yield 'broken' => [new MockResponse('oops', ['http_code' => 503]), 'reader.down'];
        yield 'switched off' => [new MockResponse('', ['error' => 'Connection refused']), 'reader.down'];
        yield 'slow' => [new MockResponse('', ['error' => 'Idle timeout reached: Max duration exceeded']), 'reader.slow'];
        yield 'a page in place of a report' => [new MockResponse('<html>hello</html>'), 'reader.nonsense'];
        yield 'nothing' => [new MockResponse(''), 'reader.nonsense'];
        yield 'impossible figures' => [new MockResponse(str_replace('110.3', '-3', self::REPORT)), 'reader.nonsense'];
        yield 'a redirect to elsewhere' => [new MockResponse('', ['http_code' => 302, 'response_headers' => ['Location: http://elsewhere.test/']]), 'reader.nonsense'];
    }

    #[DataProvider('troubles')]
    public function testSaysWhatTheTroubleIs(MockResponse $response, string $key): void
    {
        try {
            (new HttpEngineReader(new MockHttpClient($response), 'http://reader.test'))->ask('KM2-7001');
            self::fail('It was taken.');
        } catch (ReaderTrouble $trouble) {
            self::assertSame($key, $trouble->errorKey());
            self::assertStringEndsWith('Nothing was kept. Read the meter by eye, or try again.', $trouble->getMessage());
        }
    }

    public function testAShopWithoutAReaderIsTold(): void
    {
        $this->expectExceptionMessage('can\'t be reached');
        (new HttpEngineReader(new MockHttpClient(), ''))->ask('KM2-7001');
    }
}
