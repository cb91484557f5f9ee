<?php

declare(strict_types=1);

namespace FreshTack\Tests\Web;

use FreshTack\Core\Quantity\EngineHours;
use FreshTack\Core\Reading\Cursor;
use FreshTack\Shop\Register\EngineReader;
use FreshTack\Shop\Register\ReaderReport;
use FreshTack\Shop\Register\ReaderTrouble;

/** What comes from the engine reader, asked for or dropped into its folder, over the whole application. */
final class ReaderTest extends ApiTestCase
{
    public function testAReportIsKeptWithItsProfileAndFaults(): void
    {
        $this->signIn('ada');
        $engine = $this->engineOf('Mudlark');
        $this->reader(new ReaderReport('D65-5201', new \DateTimeImmutable('2026-03-18 UTC'), EngineHours::of('592.5'), [['from' => 0, 'to' => 900, 'percent' => 55], ['from' => 900, 'to' => 6000, 'percent' => 45]], [['code' => 'F-1', 'text' => 'Low voltage', 'count' => 3]]));
        $told = $this->call('POST', "/api/engines/$engine/reader", ['sure' => false]);
        self::assertSame([201, '592.5', true], [$this->status, $told->at('hours')->raw(), $told->at('mostlyIdling')->raw()]);
        $this->call('POST', "/api/engines/$engine/reader", ['sure' => false]);

        $log = $this->call('GET', "/api/engines/$engine/log");
        self::assertCount(1, $log->at('reports')->list(), 'the same report twice is one');
        self::assertSame(['592.5', 'reader'], [$log->at('readings')->at(5)->at('hours')->raw(), $log->at('readings')->at(5)->at('source')->raw()]);
        self::assertSame('F-1', $log->at('reports')->at(0)->at('faults')->at(0)->at('code')->raw());
    }

    public function testAReaderOnAnotherEngineIsNotBelieved(): void
    {
        $this->signIn('ada');
        $this->reader(new ReaderReport('KM2-7001', new \DateTimeImmutable('2026-03-18 UTC'), EngineHours::of('592.5'), [], []));
        $problem = $this->call('POST', '/api/engines/'.$this->engineOf('Mudlark').'/reader', ['sure' => false]);

        self::assertSame([502, 'urn:fresh-tack:reader.nonsense'], [$this->status, $problem->at('type')->raw()]);
        self::assertStringContainsString('it speaks of KM2-7001, not of D65-5201', $problem->at('detail')->string());
    }

    public function testAReadersFigureIsQuestionedLikeAnyOther(): void
    {
        $this->signIn('ada');
        $engine = $this->engineOf('Mudlark');
        $this->reader(new ReaderReport('D65-5201', new \DateTimeImmutable('2026-03-18 UTC'), EngineHours::of('59.2'), [], []));
        $problem = $this->call('POST', "/api/engines/$engine/reader", ['sure' => true]);

        self::assertSame([422, 'urn:fresh-tack:reading.lower'], [$this->status, $problem->at('type')->raw()]);
        self::assertSame([], $this->call('GET', "/api/engines/$engine/log")->at('reports')->list(), 'nothing of it was kept');
    }

    public function testAReaderThatIsOffIsTold(): void
    {
        $this->signIn('ada');
        $this->reader(ReaderTrouble::down());
        $problem = $this->call('POST', '/api/engines/'.$this->engineOf('Mudlark').'/reader', ['sure' => false]);

        self::assertSame([502, 'urn:fresh-tack:reader.down'], [$this->status, $problem->at('type')->raw()]);
    }

    public function testWhatLiesInTheFolderIsTakenEachByItself(): void
    {
        $folder = getenv('FRESH_TACK_DATA_DIR').'/reader';
        exec('rm -rf '.escapeshellarg($folder));
        mkdir($folder.'/in', 0o777, true);
        $report = '{"format":"fresh-tack/engine-reader/1","serial":"%s","date":"2026-03-18","hours":"%s","speedBands":[],"faults":[]}';
        file_put_contents($folder.'/in/1-good.json', \sprintf($report, 'D65-5201', '590.0'));
        file_put_contents($folder.'/in/2-lower.json', \sprintf($report, 'KM2-7001', '1.0'));
        file_put_contents($folder.'/in/3-unknown.json', \sprintf($report, 'XX-1', '1.0'));
        file_put_contents($folder.'/in/4-broken.json', '{');
        file_put_contents($folder.'/in/5-readings.csv', "serial,date,hours\nKM2-6120,2026-03-18,84.0\n");
        $this->signIn('ines');
        $files = $this->call('POST', '/api/hours/collections')->at('files')->list();

        self::assertSame(['D65 D65-5201: 590.0 h', null, null, null, '1 readings'], array_map(static fn (Cursor $file): mixed => $file->at('taken')->raw(), $files));
        self::assertStringContainsString('if a new meter was fitted', $files[1]->at('refused')->string());
        self::assertStringContainsString('no engine XX-1', $files[2]->at('refused')->string());
        self::assertFileExists($folder.'/refused/4-broken.json.reason.txt');
        self::assertSame('590.0', $this->call('GET', '/api/boats/'.$this->boatId('Mudlark'))->at('engines')->at(0)->at('hours')->raw());
        self::assertSame([], $this->call('POST', '/api/hours/collections')->at('files')->list(), 'and once only');
    }

    private function reader(ReaderReport|ReaderTrouble $answer): void
    {
        self::getContainer()->set(EngineReader::class, new class($answer) implements EngineReader {
            public function __construct(private readonly ReaderReport|ReaderTrouble $answer)
            {
            }

            public function ask(string $serial): ReaderReport
            {
                return $this->answer instanceof ReaderReport ? $this->answer : throw $this->answer;
            }
        });
    }

    private function engineOf(string $boat): int
    {
        return $this->call('GET', '/api/boats/'.$this->boatId($boat))->at('engines')->at(0)->at('id')->int(1, \PHP_INT_MAX);
    }
}
