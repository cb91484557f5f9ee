<?php

declare(strict_types=1);

namespace FreshTack\Tests\Exchange;

use FreshTack\Core\Reading\InvalidDocument;
use FreshTack\Exchange\Json;
use FreshTack\Exchange\Schemas;
use PHPUnit\Framework\Attributes\DataProvider;
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

    /** @return iterable<string, array{string, string}> text, what is told */
    public static function flawed(): iterable
    {
        yield 'a comma is missing' => ["{\n  \"a\": 1\n  \"b\": 2\n}", 'Line 3: this is not valid JSON, a comma or } is missing.'];
        yield 'a comma too many' => ["{\n  \"a\": [1,\n  2,\n]}", 'Line 4: this is not valid JSON, a value was expected, not ].'];
        yield 'a bracket is missing' => ['{"a": [1, 2}', 'Line 1: this is not valid JSON, a comma or ] is missing.'];
        yield 'it ends too early' => ["{\n\"a\":\n", 'Line 2: this is not valid JSON, it ends too early.'];
        yield 'a key without quotes' => ["{\n a: 1}", 'Line 2: this is not valid JSON, there is a character that does not belong here.'];
        yield 'no colon' => ['{"a" 1}', 'Line 1: this is not valid JSON, a colon is missing behind the key.'];
        yield 'more than one' => ["{}\n{}", 'Line 2: this is not valid JSON, there is something behind its end.'];
        yield 'nothing' => ['', 'Line 1: this is not valid JSON, it ends too early.'];
        yield 'a key twice' => [
            "{\n\"a\": 1,\n\"b\": 2,\n\"a\": 3}",
            'Line 4: this is not valid JSON, "a" stands in this object twice. Keep one of them.',
        ];
        yield 'a key twice, written in two ways' => [
            '{"a": 1, "\u0061": 2}',
            'Line 1: this is not valid JSON, "a" stands in this object twice. Keep one of them.',
        ];
        yield 'a number without measure' => [
            '{"a": [1, 1e999]}',
            'There is a number in it that is larger than any that can be written. Correct it.',
        ];
        yield 'nested far too deeply' => [str_repeat('[', 1_000_000), 'Line 1: more than 64 objects and lists stand one within the other.'];
        yield 'bytes that are no text' => [
            "{\"a\": \"\xFF\"}",
            'This is not written in UTF-8. Save it in that encoding, and send it again.',
        ];
    }

    #[DataProvider('flawed')]
    public function testWhatIsFlawedIsToldWithItsLine(string $text, string $told): void
    {
        $this->expectExceptionObject(InvalidDocument::at('', $told));
        Json::read($text);
    }

    public function testKeysInTextsAndInOtherObjectsAreNoneTwice(): void
    {
        $text = '{"a": {"a": [], "b": {}}, "b": [{"a": 1}, {"a": "\\"a\\": 1"}], "c": "\"a\": 2", "0": 1, "1": {"0": {}}}';

        self::assertSame(json_decode($text, true), Json::read($text));
    }

    public function testWhatIsNestedAsDeeplyAsMayBeIsRead(): void
    {
        $text = str_repeat('[', 62).'{"a": 1}'.str_repeat(']', 62);

        self::assertSame(json_decode($text, true), Json::read($text));
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
