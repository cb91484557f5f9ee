<?php

declare(strict_types=1);

namespace FreshTack\Tests\Web;

use FreshTack\Core\Reading\Cursor;
use PHPUnit\Framework\Attributes\DataProvider;

/** A shop's boats and last services from tables: all or nothing, twice as good as once. */
final class RegisterImportTest extends ApiTestCase
{
    private const BOATS = <<<'CSV'
        owner,boat,kind,water,kept,position,model,serial,in_service,months,hours,hours_on
        Family Treloar,Sea Campion,day boat,salt,moored,port,K85,KM2-6652,2025-06-01,3-10,118.5,2026-03-01
        Family Treloar,Sea Campion,day boat,salt,moored,starboard,K85,KM2-6653,2025-06-01,3-10,"117,9",2026-03-01
        Ottilie Vance,Tern Hook,launch,fresh,trailered,,D12,D12-4991,2024-05-01,11-2,,
        CSV;
    private const SERVICES = "serial,task,date,hours,evidence\nKM2-6652,Engine oil,2025-09-12,96,invoice 2231\nKM2-6652,oil_filter,2025-09-12,,invoice 2231\n";

    public function testAFileGivesOwnersBoatsAndEnginesWithWhatTheirMetersShowed(): void
    {
        $this->signIn('ines');
        $preview = $this->take('register', self::BOATS);
        self::assertSame(
            [
                'owner Family Treloar', 'boat Sea Campion of Family Treloar', 'engine K85 KM2-6652 on Sea Campion',
                'engine K85 KM2-6653 on Sea Campion', 'owner Ottilie Vance', 'boat Tern Hook of Ottilie Vance',
                'engine D12 D12-4991 on Tern Hook',
            ],
            $preview->at('new')->raw(),
        );
        self::assertEquals(0, $this->entities()->getConnection()->fetchOne("SELECT COUNT(*) FROM boat WHERE name = 'Tern Hook'"), 'so far it was only looked at');

        $this->take('register', self::BOATS, apply: true);
        self::assertSame(200, $this->status);
        $page = $this->call('GET', '/api/boats/'.$this->boatId('Sea Campion'));
        self::assertSame(
            [['KM2-6652', 'port'], ['KM2-6653', 'starboard']],
            array_map(static fn (Cursor $engine): array => [$engine->at('serial')->raw(), $engine->at('position')->raw()], $page->at('engines')->list()),
        );
        self::assertSame([[], 3], [$this->take('register', self::BOATS)->at('new')->raw(), $this->take('register', self::BOATS)->at('same')->raw()]);
    }

    public function testLastServicesMoveTheClocksAndAreWrittenDownOnce(): void
    {
        $this->signIn('ines');
        $this->take('register', self::BOATS, apply: true);
        self::assertSame(
            ['KM2-6652: engine oil on 12 Sep 2025', 'KM2-6652: oil filter on 12 Sep 2025'],
            $this->take('services', self::SERVICES, apply: true)->at('new')->raw(),
        );
        self::assertSame(2, $this->take('services', self::SERVICES)->at('same')->raw());
        $engine = $this->call('GET', '/api/boats/'.$this->boatId('Sea Campion'))->at('engines')->at(0);
        $states = array_column((array) $engine->at('dues')->raw(), 'state', 'task');

        self::assertNotSame('no_record', $states['engine_oil'] ?? 'no_record');
    }

    /** @return iterable<string, array{string, string, string}> kind of file, text, what is told */
    public static function refused(): iterable
    {
        yield 'the columns of another template' => ['register', self::SERVICES, 'Missing: owner, boat'];
        yield 'another encoding' => ['register', mb_convert_encoding(str_replace('Vance', 'Vancé', self::BOATS), 'ISO-8859-1', 'UTF-8'), 'not written in UTF-8'];
        yield 'nothing but headings' => ['register', explode("\n", self::BOATS)[0]."\n", 'headings and no rows'];
        yield 'a place that is taken' => ['register', str_replace('starboard,K85', 'port,K85', self::BOATS), 'Row 3'];
        yield 'hours without their day' => ['register', str_replace('118.5,2026-03-01', '118.5,', self::BOATS), 'Row 2, hours_on'];
        yield 'a month that there is not' => ['register', str_replace('11-2', '11-13', self::BOATS), 'Row 4, months'];
        yield 'a word for yes or no' => ['register', "owner,boat,kind,water,kept,position,model,serial,in_service,commercial\nA,B,c,salt,moored,,D12,D12-4991,2024-05-01,perhaps\n", 'Row 2, commercial'];
        yield 'done before it ran' => [
            'services',
            "serial,task,date,evidence\nD12-4471,Engine oil,1999-09-12,x\n",
            'Row 2, date: the engine went into service',
        ];
        yield 'in service in the time to come' => [
            'register',
            str_replace('2024-05-01', '2027-05-01', self::BOATS),
            'Row 4, in_service: this day',
        ];
        yield 'an engine that nobody knows' => ['services', str_replace('KM2-6652', 'KM2-1', self::SERVICES), 'Row 2: There is no engine KM2-1'];
        yield 'a task that there is not' => ['services', str_replace('Engine oil', 'Polish', self::SERVICES), 'Row 2, task: there is no such task'];
    }

    #[DataProvider('refused')]
    public function testAFlawedFileIsRefusedByRowAndGivesNothing(string $what, string $csv, string $told): void
    {
        $this->signIn('ines');
        $before = $this->counted();
        $problem = $this->take($what, $csv, apply: true);

        self::assertSame(422, $this->status);
        self::assertStringContainsString($told, implode("\n", array_map(static fn (Cursor $error): string => $error->at('detail')->string(), $problem->at('errors')->list())));
        self::assertSame($before, $this->counted());
    }

    public function testAnEngineThatHangsElsewhereIsNotTakenFromThere(): void
    {
        $this->signIn('ines');
        $serial = $this->call('GET', '/api/boats/'.$this->boatId('Mudlark'))->at('engines')->at(0);
        $row = \sprintf('Anna,Wren,launch,salt,moored,,%s,%s,2024-01-01', $serial->at('model')->string(), $serial->at('serial')->string());
        $problem = $this->take('register', "owner,boat,kind,water,kept,position,model,serial,in_service\n$row\n");

        self::assertSame(422, $this->status);
        self::assertStringContainsString('Mudlark', $problem->at('errors')->at(0)->at('detail')->string());
    }

    public function testATemplateIsTakenForWhatItIs(): void
    {
        $this->signIn('ines');
        foreach (['boats', 'services', 'hours', 'parts'] as $name) {
            self::assertStringEndsWith("\r\n", $this->download("/api/templates/$name.csv"));
            self::assertSame(200, $this->status);
        }
        $this->take('register', $this->download('/api/templates/boats.csv'));
        self::assertSame(422, $this->status, 'it has no rows');
    }

    private function take(string $what, string $csv, bool $apply = false): Cursor
    {
        return $this->upload("/api/$what/imports?apply=".($apply ? 'true' : 'false'), $csv, 'text/csv');
    }

    /** @return array<mixed> */
    private function counted(): array
    {
        return $this->entities()->getConnection()->fetchAllAssociative(
            'SELECT (SELECT COUNT(*) FROM customer), (SELECT COUNT(*) FROM boat), (SELECT COUNT(*) FROM engine), (SELECT COUNT(*) FROM task_done)',
        );
    }
}
