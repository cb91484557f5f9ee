<?php

declare(strict_types=1);

namespace FreshTack\Tests\Exchange;

use FreshTack\Core\Reading\InvalidDocument;
use FreshTack\Exchange\BookFolder;
use FreshTack\Exchange\Json;
use FreshTack\Tests\Support\Requests;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class BookFolderTest extends TestCase
{
    public function testFindsSheetsAndProceduresThatARequestDoesNotEmbed(): void
    {
        $bare = self::bare('KS4-10412', 'K165');

        self::assertSame(
            Json::encode(Requests::document(Requests::single('K165', 'KS4-10412', 'kestrane-k165-early', ['engine_oil', 'oil_filter']))),
            Json::encode(Requests::document(self::book()->complete($bare))),
        );
    }

    public function testLeavesAnEmbeddedSheetAlone(): void
    {
        $request = Requests::single('K165', 'KS4-10412', 'kestrane-k165-late', ['engine_oil']);

        self::assertSame($request, self::book()->complete($request));
    }

    /** @return iterable<string, array{string, string, string}> */
    public static function refused(): iterable
    {
        yield 'not a four-stroke' => ['K30T', 'KX-0912', 'K30T is a two-stroke engine'];
        yield 'no sheet' => ['K165', 'KS4-30000', 'The book has no sheet for K165'];
        yield 'several' => ['K48', 'KC1-1702', '2 published sheets claim KC1-1702'];
        yield 'an unknown model' => ['Z1', 'Z1-1', 'The book has no sheet for Z1'];
    }

    #[DataProvider('refused')]
    public function testARefusalStandsAtItsEngine(string $model, string $serial, string $message): void
    {
        try {
            self::book()->complete(self::bare($serial, $model));
        } catch (InvalidDocument $error) {
            self::assertSame('/engines/0', $error->flaws[0]->pointer);
            self::assertStringContainsString($message, $error->flaws[0]->message);

            return;
        }
        self::fail('It was completed.');
    }

    public function testAFolderThatIsNoBookIsSaidToBeSo(): void
    {
        $this->expectException(InvalidDocument::class);
        $this->expectExceptionMessage('The book has no file /nowhere/models.json.');
        BookFolder::at('/nowhere', \dirname(__DIR__, 2))->complete(self::bare('KS4-10412', 'K165'));
    }

    private static function book(): BookFolder
    {
        return BookFolder::at(\dirname(__DIR__, 2).'/demo/book/', \dirname(__DIR__, 2));
    }

    /** @return array<mixed> */
    private static function bare(string $serial, string $model): array
    {
        $request = Requests::single($model, $serial, 'kestrane-k165-early', ['engine_oil', 'oil_filter']);
        unset($request['procedures']);
        $engines = \is_array($request['engines']) ? $request['engines'] : [];
        $engine = \is_array($engines[0]) ? $engines[0] : [];
        unset($engine['sheet']);

        return [...$request, 'engines' => [$engine]];
    }
}
