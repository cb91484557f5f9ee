<?php

declare(strict_types=1);

namespace FreshTack\Tests\Exchange;

use FreshTack\Core\Fastening\Pattern;
use FreshTack\Exchange\QrCode;
use FreshTack\Exchange\TighteningPicture;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class TighteningPictureTest extends TestCase
{
    /** @return iterable<string, array{Pattern, int}> how many fasteners are drawn */
    public static function patterns(): iterable
    {
        yield 'side to side' => [Pattern::Alternate, 4];
        yield 'crosswise' => [Pattern::Cross, 4];
        yield 'from the middle' => [Pattern::Spiral, 9];
    }

    #[DataProvider('patterns')]
    public function testThePatternIsNumberedInItsOrder(Pattern $pattern, int $count): void
    {
        $svg = self::svg(TighteningPicture::of($pattern->value));

        self::assertSame($count, substr_count($svg, '<circle'));
        self::assertStringContainsString(">$count</text>", $svg);
    }

    public function testWhereAnyOrderWillDoNothingIsDrawn(): void
    {
        self::assertNull(TighteningPicture::of(Pattern::Any->value));
        self::assertNull(TighteningPicture::of('no pattern'));
    }

    public function testStagesClimbAndTheirFiguresAreText(): void
    {
        $svg = self::svg(TighteningPicture::stages(['25', '45', '<58']));

        preg_match_all('/V(\d+)H/', $svg, $tops);
        self::assertSame($tops[1], array_unique($tops[1]));
        self::assertSame([46, 32, 18], array_map(intval(...), $tops[1]), 'each a third of 42 higher than the one before, from 60');
        self::assertStringContainsString('&lt;58</text>', $svg);
    }

    public function testACodeLeadsToItsAddressAsAPicture(): void
    {
        $png = base64_decode(substr((string) QrCode::of('https://shop.example/orders/2401/bench'), \strlen('data:image/png;base64,')), true);

        self::assertStringStartsWith("\x89PNG", (string) $png);
        self::assertNotSame($png, base64_decode(substr((string) QrCode::of('https://shop.example/orders/2402/bench'), \strlen('data:image/png;base64,')), true));
    }

    private static function svg(?string $address): string
    {
        $svg = (string) base64_decode(substr((string) $address, \strlen('data:image/svg+xml;base64,')), true);
        self::assertNotFalse(simplexml_load_string($svg));

        return $svg;
    }
}
