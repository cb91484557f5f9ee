<?php

declare(strict_types=1);

namespace FreshTack\Tests\Exchange;

use FreshTack\Core\Reading\InvalidDocument;
use FreshTack\Exchange\Json;
use FreshTack\Exchange\Schemas;
use PHPUnit\Framework\TestCase;

final class JsonTest extends TestCase
{
    public function testWhatGoesOutComesBackTheSame(): void
    {
        $content = ['text' => '⅝ – ⅞ N·m / "quoted"', 'list' => [1, 2.0, null, true], 'empty' => []];

        self::assertSame($content, Json::decode(Json::encode($content)));
        self::assertSame($content, Json::decode(Json::pretty($content)));
        self::assertStringContainsString('⅝ – ⅞ N·m / ', Json::encode($content));
    }

    public function testWhatIsNoJsonIsSaidToBeSo(): void
    {
        $this->expectException(InvalidDocument::class);
        Json::decode('{"a": }');
    }

    public function testASchemaIsAskedOnlyOfJson(): void
    {
        $this->expectExceptionMessage('This is not valid JSON');
        (new Schemas(\dirname(__DIR__, 2)))->validate('nonsense', Schemas::SPEC_SHEET);
    }

    public function testASchemaNamesEveryFlaw(): void
    {
        try {
            (new Schemas(\dirname(__DIR__, 2)))->validate('{"format": "x", "order": 7}', Schemas::ORDER_REQUEST);
        } catch (InvalidDocument $error) {
            self::assertGreaterThan(1, \count($error->flaws));

            return;
        }
        self::fail('It fitted.');
    }
}
