<?php

declare(strict_types=1);

namespace FreshTack\Tests\Web;

use FreshTack\Core\Reading\Cursor;
use FreshTack\Exchange\BookArchive;
use FreshTack\Exchange\Json;
use FreshTack\Tests\Support\Book;
use PHPUnit\Framework\Attributes\DataProvider;

/** The book and the catalogue as files, out and in. */
final class FilesTest extends ApiTestCase
{
    private const HEAD = "number,description,maker,origin,pack_size,bin,in_stock,price,superseded_by,kit\n";

    public function testTheBookComesBackAsItWent(): void
    {
        $this->signIn('mora');
        $zip = $this->download('/api/book/archive.zip');
        $changes = $this->upload('/api/book/imports?apply=1&token=whole-book-test', $zip, 'application/zip')->at('changes')->list();
        self::assertSame(200, $this->status, (string) $this->client->getResponse()->getContent());
        self::assertSame(['same'], array_values(array_unique(array_map(static fn (Cursor $change): string => $change->at('kind')->string(), $changes))));
        self::assertSame(BookArchive::read($zip)->files, BookArchive::read($this->download('/api/book/archive.zip'))->files);
        $names = array_keys(BookArchive::read($zip)->files);
        $sheets = \count(array_filter($names, static fn (string $name): bool => str_starts_with($name, 'sheets/')));
        self::assertSame($sheets, $this->call('GET', '/api/progress/whole-book-test')->at('progress')->at('of')->raw());
    }

    public function testTheExampleToBeginWithIsTakenInAsItIsOnceItsPartsAre(): void
    {
        $this->signIn('mora');
        $this->entities()->getConnection()->executeStatement("DELETE FROM part WHERE maker = 'Orrisdale'");
        $zip = $this->download('/api/book/example.zip');
        $this->upload('/api/book/imports?apply=1', $zip, 'application/zip');
        self::assertSame(422, $this->status, 'no part number is taken for granted');

        $csv = (string) file_get_contents(__DIR__.'/../../docs/examples/book/parts.csv');
        $this->upload('/api/catalogue/imports?apply=1', $csv, 'text/csv');
        self::assertSame(200, $this->status, (string) $this->client->getResponse()->getContent());
        $changes = $this->upload('/api/book/imports?apply=1', $zip, 'application/zip')->at('changes')->list();

        self::assertSame(200, $this->status, (string) $this->client->getResponse()->getContent());
        self::assertSame(['new', 'new'], array_map(static fn (Cursor $change): string => $change->at('kind')->string(), $changes));
    }

    public function testAProcedureAndAModelFromAFileAreInTheTrail(): void
    {
        $this->signIn('mora');
        $files = BookArchive::read($this->download('/api/book/archive.zip'))->files;
        $models = Cursor::over(Json::decode($files['models.json']));
        $model = ['code' => 'Q9', 'maker' => 'Kestrane', 'cycle' => 'four_stroke', 'serialPrefixes' => ['Q9-'], 'serialDigits' => 4];
        $files['models.json'] = Json::encode(['format' => $models->at('format')->string(), 'models' => [...(array) $models->at('models')->raw(), $model]]);
        $files['procedures/oil-filter.json'] = str_replace('Drain the spill trough', 'Drain the trough', $files['procedures/oil-filter.json']);
        $this->upload('/api/book/imports?apply=1', BookArchive::write($files), 'application/zip');
        self::assertSame(200, $this->status, (string) $this->client->getResponse()->getContent());
        $subjects = "SELECT CONCAT(subject, ': ', action, ' by ', account) FROM audit_entry
            WHERE subject <> 'book' ORDER BY id DESC LIMIT 2";
        self::assertEqualsCanonicalizing(
            ['model Q9: model.added by mora', 'procedure oil-filter: procedure.changed by mora'],
            $this->entities()->getConnection()->fetchFirstColumn($subjects),
        );
    }

    public function testAProcedureThatNoPlanCanDoIsRefusedWithItsSteps(): void
    {
        $this->signIn('mora');
        $files = BookArchive::read($this->download('/api/book/archive.zip'))->files;
        // the oil would have to go in with the hands still at the drain that is open
        $files['procedures/engine-oil.json'] = str_replace(
            '"together": "pour"',
            '"together": "drain"',
            $files['procedures/engine-oil.json'],
        );
        $problem = $this->upload('/api/book/imports?apply=1', BookArchive::write($files), 'application/zip');

        self::assertSame(422, $this->status, (string) $this->client->getResponse()->getContent());
        self::assertSame('/procedures/engine-oil.json/operations', $problem->at('errors')->at(0)->at('pointer')->raw());
        self::assertMatchesRegularExpression('/".+".+".+"/', $problem->at('errors')->at(0)->at('detail')->string(), 'two steps are named');
        $kept = BookArchive::read($this->download('/api/book/archive.zip'))->files['procedures/engine-oil.json'];
        self::assertStringContainsString('"together": "pour"', $kept, 'the book is as it was');
    }

    public function testASheetIsTakenInAfterItsPreviewAndOnlyThen(): void
    {
        $this->signIn('mora');
        $sheet = Json::encode(self::newSheet());
        self::assertSame('new', $this->upload('/api/book/imports', $sheet, 'application/json')->at('changes')->at(0)->at('kind')->raw());
        $this->call('GET', '/api/book/sheets/dunmarrow-d12-imported/1');
        self::assertSame(404, $this->status, 'a preview keeps nothing');
        $this->upload('/api/book/imports?apply=1', $sheet, 'application/json');
        $kept = Json::decode($this->download('/api/book/sheets/dunmarrow-d12-imported/1/document.json'));
        self::assertSame([...self::newSheet(), 'author' => 'Mora Ostrander'], $kept);
    }

    public function testAFileDoesNotPublishItselfNorWithdrawWhatIsPublished(): void
    {
        $this->signIn('mora');
        $sheet = [
            ...Book::document('book/sheets/dunmarrow-d12.json'),
            'revision' => 9,
            'status' => 'published',
            'author' => 'A',
            'reviewer' => 'B',
        ];
        $change = $this->upload('/api/book/imports?apply=1', Json::encode($sheet), 'application/json')->at('changes')->at(0);
        $arrival = $change->at('arrival');
        self::assertSame(['draft', 'published'], [$arrival->at('status')->raw(), $arrival->at('told')->raw()]);
        self::assertStringStartsWith('dunmarrow-d12 rev. ', $arrival->at('withdraws')->string());
        $page = $this->call('GET', '/api/book/sheets/dunmarrow-d12/9');
        self::assertSame(['draft', 'Mora Ostrander'], [$page->at('status')->raw(), $page->at('author')->raw()]);
        self::assertEquals(
            1,
            $this->entities()->getConnection()->fetchOne(
                "SELECT COUNT(*) FROM spec_sheet WHERE sheet_id = 'dunmarrow-d12' AND status = 'published'",
            ),
        );
        $this->call('POST', '/api/book/sheets/dunmarrow-d12/9/status', ['version' => $page->at('version')->raw(), 'to' => 'reviewed']);
        self::assertSame(409, $this->status, 'who takes it in does not review it');
    }

    public function testWhatThisShopExportedComesBackAsItWentAndOnlyAsLongAsNobodyChangedIt(): void
    {
        $this->signIn('mora');
        $files = BookArchive::read($this->download('/api/book/archive.zip'))->files;
        $names = array_filter(array_keys($files), static fn (string $name): bool => str_starts_with($name, 'sheets/dunmarrow-d7.'));
        $name = array_values($names)[0];
        $this->entities()->getConnection()->executeStatement(
            "DELETE r, s FROM spec_sheet s LEFT JOIN sheet_range r ON r.sheet_id = s.id WHERE s.sheet_id = 'dunmarrow-d7'",
        );
        $touched = [...$files, $name => str_replace('"Dunmarrow"', '"Dunmarrow "', $files[$name])];
        $arrivals = static fn (Cursor $answer): array => array_map(
            static fn (Cursor $change): mixed => $change->at('arrival')->at('status')->raw(),
            array_values(array_filter(
                $answer->at('changes')->list(),
                static fn (Cursor $change): bool => 'new' === $change->at('kind')->raw(),
            )),
        );

        self::assertSame(['draft'], $arrivals($this->upload('/api/book/imports', BookArchive::write($touched), 'application/zip')));
        self::assertSame(
            ['draft'],
            $arrivals($this->upload(
                '/api/book/imports',
                BookArchive::write(array_diff_key($files, ['signatures.json' => 0])),
                'application/zip',
            )),
        );
        self::assertSame(
            ['published'],
            $arrivals($this->upload('/api/book/imports?apply=1', BookArchive::write($files), 'application/zip')),
        );
    }

    public function testAFamilyAndItsVariantArriveTogether(): void
    {
        $this->signIn('mora');
        $family = [...Book::document('book/sheets/kestrane-k-extra.json'), 'id' => 'kestrane-new-family'];
        $variant = [
            ...Book::document('book/sheets/kestrane-k320.json'),
            'id' => 'kestrane-new-variant',
            'base' => ['sheet' => 'kestrane-new-family', 'revision' => $family['revision']],
        ];
        $changes = $this->upload(
            '/api/book/imports?apply=1',
            BookArchive::write(['sheets/a.json' => Json::encode($variant), 'sheets/b.json' => Json::encode($family)]),
            'application/zip',
        );
        self::assertSame(200, $this->status, Json::encode($changes->raw()));
        self::assertCount(2, $changes->at('changes')->list());
        $this->signIn('teo');
        $path = '/api/book/sheets/kestrane-new-variant/'.Cursor::over($variant)->at('revision')->int(1, 99);
        $version = $this->call('GET', $path)->at('version')->raw();
        $problem = $this->call('POST', $path.'/status', ['version' => $version, 'to' => 'reviewed']);
        self::assertSame(['/base'], self::pointers($problem), 'the family is published first');
    }

    public function testABookOfManySheetsIsReadOneByOne(): void
    {
        $this->signIn('mora');
        $sheets = [];
        for ($number = 1; $number <= 130; ++$number) {
            $sheets["sheets/s$number.json"] = Json::encode([...self::newSheet(), 'id' => 'dunmarrow-many-'.$number]);
        }
        $before = memory_get_usage();
        memory_reset_peak_usage();
        BookArchive::read(BookArchive::write($sheets));

        self::assertLessThan(30_000_000, memory_get_peak_usage() - $before);
    }

    public function testAPublishedRevisionIsNotReplacedByAFile(): void
    {
        $this->signIn('mora');
        $sheet = Book::with(Book::document('book/sheets/dunmarrow-d12.json'), ['values', 'drain.wrench', 'value'], '13');
        self::assertStringContainsString('A published revision never changes', $this->upload('/api/book/imports?apply=1', Json::encode($sheet), 'application/json')->at('detail')->string());
        self::assertSame(422, $this->status);
    }

    public function testOneFlawInOneFileAndNothingOfTheBookIsTaken(): void
    {
        $this->signIn('mora');
        $zip = BookArchive::write(['sheets/a.json' => Json::encode(self::newSheet()), 'sheets/b.json' => Json::encode(Book::with(self::newSheet(), ['values', 'drain.seal', 'part'], 'XX-1')), 'sheets/c.json' => '{"half"']);
        $problem = $this->upload('/api/book/imports?apply=1', $zip, 'application/zip');
        self::assertContains('/sheets/b.json/values/drain.seal/part', self::pointers($problem));
        self::assertContains('/sheets/c.json', self::pointers($problem));
        $this->call('GET', '/api/book/sheets/dunmarrow-d12-imported/1');
        self::assertSame(404, $this->status);
    }

    /** @return iterable<string, array{string, string, string}> path, bytes, a part of the message */
    public static function badUploads(): iterable
    {
        yield 'a zip with a path outside' => ['/api/book/imports?apply=1', self::zip(['../../public/index.json' => '{}']), 'a path outside itself'];
        yield 'a zip with an absolute path' => ['/api/book/imports?apply=1', self::zip(['/etc/cron.json' => '{}']), 'a path outside itself'];
        yield 'a zip with something else in it' => ['/api/book/imports?apply=1', self::zip(['sheets/run.php' => '<?php']), 'belongs to no book'];
        yield 'half a zip' => ['/api/book/imports?apply=1', "PK\x03\x04 and no more", 'no zip archive'];
        yield 'no JSON' => ['/api/book/imports?apply=1', 'Dear manager,', 'not valid JSON'];
        yield 'an empty file' => ['/api/book/imports?apply=1', '', 'empty'];
        yield 'a book of 50 MB' => ['/api/book/imports?apply=1', str_repeat('x', 50_000_000), 'larger than 20 MB'];
        yield 'parts of 50 MB' => ['/api/catalogue/imports?apply=1', str_repeat('x', 50_000_000), 'larger than 20 MB'];
        yield 'parts in another encoding' => ['/api/catalogue/imports?apply=1', self::HEAD."AB-1,Di\xE9sel,Kestrane,maker,1,A1,1,1.00,,\n", 'not written in UTF-8'];
        yield 'a formula' => ['/api/catalogue/imports?apply=1', self::HEAD."AB-1,=HYPERLINK(1),Kestrane,maker,1,A1,1,1.00,,\n", 'looks like a formula'];
        yield 'a command in a cell' => ['/api/catalogue/imports?apply=1', self::HEAD."AB-1,Seal,@SUM(A1),maker,1,A1,1,1.00,,\n", 'looks like a formula'];
        yield 'other headings' => ['/api/catalogue/imports?apply=1', "Artikel;Preis\nAB-1;1.00\n", 'must name the columns'];
        yield 'headings and no rows' => ['/api/catalogue/imports?apply=1', self::HEAD, 'no rows'];
    }

    #[DataProvider('badUploads')]
    public function testABadFileIsRefusedWithAClearWordAndNothingWritten(string $path, string $bytes, string $message): void
    {
        $this->signIn('mora');
        $parts = $this->entities()->getConnection()->fetchOne('SELECT COUNT(*) FROM part');
        $problem = $this->upload($path, $bytes, 'application/octet-stream');
        self::assertSame(422, $this->status);
        self::assertStringContainsString($message, Json::encode($problem->raw()));
        self::assertSame($parts, $this->entities()->getConnection()->fetchOne('SELECT COUNT(*) FROM part'));
    }

    public function testPartsComeBackAsTheyWent(): void
    {
        $this->signIn('bram');
        $csv = $this->download('/api/catalogue/parts.csv');
        $preview = $this->upload('/api/catalogue/imports', $csv, 'text/csv');
        $all = \count(explode("\n", trim($csv))) - 1;
        self::assertSame([0, 0, $all], [$preview->at('added')->raw(), $preview->at('changed')->raw(), $preview->at('same')->raw()]);
    }

    public function testPricesChangeRowByRowAndNewPartsComeIn(): void
    {
        $this->signIn('bram');
        $csv = self::HEAD."DM-10277,\"Drain plug seal, small\",Dunmarrow,maker,10,A1-02,31,0.80,,\nDM-10278,Drain plug seal,Dunmarrow,maker,10,A1-02,5,1.05,,\nDM-19012,Service kit D12,Dunmarrow,maker,1,K1-01,1,9.90,,DM-10277:1 DM-12230:2\n";
        $preview = $this->upload('/api/catalogue/imports', $csv, 'text/csv');
        self::assertSame([2, 1, 0], [$preview->at('added')->raw(), $preview->at('changed')->raw(), $preview->at('same')->raw()]);
        self::assertSame([70, 80], [$preview->at('changes')->at(0)->at('before')->at('priceMinor')->raw(), $preview->at('changes')->at(0)->at('after')->at('priceMinor')->raw()]);
        $this->upload('/api/catalogue/imports?apply=1&token=prices-of-today', $csv, 'text/csv');
        $part = $this->call('GET', '/api/catalogue/part?number=DM-10277');
        self::assertSame([80, 'DM-19012'], [$part->at('part')->at('priceMinor')->raw(), $part->at('kits')->at(0)->at('number')->raw()]);
        self::assertSame(['done' => 3, 'of' => 3], $this->call('GET', '/api/progress/prices-of-today')->at('progress')->raw());
    }

    public function testEveryFlawOfAPartsFileIsToldWithItsRow(): void
    {
        $this->signIn('bram');
        $problem = $this->upload('/api/catalogue/imports?apply=1', self::HEAD."AB-1,Seal,Kestrane,maker,1,A1,1,cheap,,\nAB-2,Seal,Kestrane,stranger,none,A1,1,1.00,,\nAB-1,Seal again,Kestrane,maker,1,A1,1,1.00,,\n", 'text/csv');
        self::assertSame(['/rows/2/price', '/rows/3/origin', '/rows/3/pack_size', '/rows/4/number'], self::pointers($problem));
    }

    public function testAPartNumberStandsInOneWayOfWriting(): void
    {
        $this->signIn('bram');
        $row = ',Drain plug seal,Dunmarrow,maker,10,A1-02,31,0.80,,'."\n";
        $problem = $this->upload('/api/catalogue/imports?apply=1', self::HEAD."ZZ-1{$row}dm-10277{$row}zz-1{$row}", 'text/csv');
        self::assertSame(['/rows/4/number'], self::pointers($problem));
        $problem = $this->upload('/api/catalogue/imports?apply=1', self::HEAD."ZZ-1{$row}dm-10277{$row}", 'text/csv');
        self::assertSame(['/rows/3/number'], self::pointers($problem));
        self::assertStringContainsString(
            'Row 3: dm-10277 stands in the catalogue as DM-10277. Write it the same way.',
            Json::encode($problem->raw()),
        );
    }

    public function testASupersessionLoopIsRefusedInAFileAndAtTheForm(): void
    {
        $this->signIn('bram');
        $loop = self::HEAD."DM-20961,Oil filter,Dunmarrow,maker,1,C2-01,5,16.95,DM-20311,\n";
        $problem = $this->upload('/api/catalogue/imports?apply=1', $loop, 'text/csv');
        self::assertStringContainsString('DM-20961 → DM-20311 → DM-20655 → DM-20961', Json::encode($problem->raw()));
        $page = $this->call('GET', '/api/catalogue/part?number=DM-20961');
        self::assertSame(['DM-20311', 'DM-20655', 'DM-20961'], array_map(static fn (Cursor $part): mixed => $part->at('number')->raw(), $page->at('chain')->list()));
        $part = $page->at('part')->raw();
        self::assertIsArray($part);
        self::assertSame(['/supersededBy'], self::pointers($this->call('PUT', '/api/catalogue/part', ['version' => $page->at('version')->raw(), 'part' => [...$part, 'supersededBy' => 'DM-20311']])));
        self::assertSame(['/supersededBy'], self::pointers($this->call('PUT', '/api/catalogue/part', ['version' => $page->at('version')->raw(), 'part' => [...$part, 'supersededBy' => 'DM-0']])));
    }

    public function testTwoAtOnePartAreToldAndTheTechnicianMayNot(): void
    {
        $this->signIn('bram');
        $page = $this->call('GET', '/api/catalogue/part?number=DM-10277');
        $part = $page->at('part')->raw();
        self::assertIsArray($part);
        $this->call('PUT', '/api/catalogue/part', ['version' => $page->at('version')->raw(), 'part' => [...$part, 'inStock' => 30]]);
        self::assertSame(200, $this->status);
        $this->call('PUT', '/api/catalogue/part', ['version' => $page->at('version')->raw(), 'part' => [...$part, 'inStock' => 29]]);
        self::assertSame(409, $this->status);
        $this->call('PUT', '/api/catalogue/part', ['version' => null, 'part' => $part]);
        self::assertSame(409, $this->status, 'a new part with a number that is there');
        $this->signIn('ada');
        $this->call('PUT', '/api/catalogue/part', ['version' => 2, 'part' => $part]);
        self::assertSame(403, $this->status);
    }

    public function testTheScheduleOfADraftComesInAsATableOrNotAtAll(): void
    {
        $this->signIn('mora');
        $csv = $this->download('/api/book/sheets/dunmarrow-d65/6/schedule.csv');
        $path = '/api/book/sheets/dunmarrow-d65/6/schedule?version=';
        $this->upload($path.$this->version(), str_replace('engine_oil,renew,10.0,1,120.0', 'engine_oil,renew,10.0,1,110', $csv), 'text/csv');
        self::assertSame(204, $this->status, (string) $this->client->getResponse()->getContent());
        self::assertStringContainsString('engine_oil,renew,10.0,1,110.0,6', $this->download('/api/book/sheets/dunmarrow-d65/6/schedule.csv'));
        $problem = $this->upload($path.$this->version(), str_replace('spark_plugs,renew,360.0,36,360.0,36', 'spark_plugs,polish,,,,', $csv), 'text/csv');
        self::assertSame(['/rows/4', '/rows/4'], self::pointers($problem));
        self::assertStringStartsWith('Row 4: ', $problem->at('errors')->at(0)->at('detail')->string());
        $this->upload($path.'1', $csv, 'text/csv');
        self::assertSame(409, $this->status, 'somebody else was faster');
    }

    private function version(): int
    {
        return $this->call('GET', '/api/book/sheets/dunmarrow-d65/6')->at('version')->int(1, \PHP_INT_MAX);
    }

    public function testTheScheduleOfASheetIsATable(): void
    {
        $this->signIn('ada');
        $lines = explode("\r\n", $this->download('/api/book/sheets/dunmarrow-d65/5/schedule.csv'));
        self::assertSame('task,action,first_h,first_months,every_h,every_months,severe_h,severe_months,severe_use,document,document_revision,page', $lines[0]);
        self::assertSame('engine_oil,renew,10.0,1,120.0,6,,6,"commercial idling","Dunmarrow service manual D65",4,12', $lines[1]);
    }

    /** @return array<mixed> */
    private static function newSheet(): array
    {
        $sheet = Book::document('book/sheets/dunmarrow-d12.json');

        return [...$sheet, 'id' => 'dunmarrow-d12-imported', 'revision' => 1, 'status' => 'draft', 'reviewer' => null];
    }

    /** @param array<string, string> $files */
    private static function zip(array $files): string
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'zip');
        $zip = new \ZipArchive();
        $zip->open($path, \ZipArchive::OVERWRITE);
        foreach ($files as $name => $text) {
            $zip->addFromString($name, $text);
        }
        $zip->close();
        $bytes = (string) file_get_contents($path);
        unlink($path);

        return $bytes;
    }
}
