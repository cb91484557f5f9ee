<?php

declare(strict_types=1);

namespace FreshTack\Tests\Exchange;

use FreshTack\Exchange\FigureStyle;
use FreshTack\Exchange\Json;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The screen has the same rules: `frontend/tests/figures.test.ts` reads the same table. */
final class FigureStyleTest extends TestCase
{
    /** @return iterable<string, array{string, string, string}> country, what Core wrote, and how it is written there */
    public static function figures(): iterable
    {
        $cases = Json::decode((string) file_get_contents(__DIR__.'/figures.json'));
        foreach (\is_array($cases) ? $cases : [] as $case) {
            self::assertIsArray($case);
            $of = static fn (string $key): string => \is_string($case[$key] ?? null) ? $case[$key] : '';
            yield $of('text').' in Germany' => ['DE', $of('text'), $of('comma')];
            yield $of('text').' in the United States' => ['US', $of('text'), $of('customary')];
            yield $of('text').' in Ireland' => ['IE', $of('text'), isset($case['point']) ? $of('point') : $of('text')];
        }
    }

    #[DataProvider('figures')]
    public function testWritesFiguresAsPeopleThereDo(string $country, string $text, string $written): void
    {
        $style = FigureStyle::of($country);

        self::assertSame($written, $style->set($text));
        self::assertSame($written, $style->set($written), 'Set once more it stays.');
    }

    public function testAPageKeepsItsMarksAndItsStyleSheet(): void
    {
        $page = '<style>td { width: 1.5 mm }</style><p title="1.5 mm">Gap 1.5 mm</p>';

        self::assertSame('<style>td { width: 1.5 mm }</style><p title="1.5 mm">Gap 1,5 mm</p>', FigureStyle::of('DE')->setPage($page));
    }

    public function testAShopThatHasNamedNoCountryReadsWhatTheSourceGives(): void
    {
        self::assertSame('5.7 US qt (5.39 l)', FigureStyle::of(null)->set('5.7 US qt (5.39 l)'));
    }
}
