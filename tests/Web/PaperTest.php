<?php

declare(strict_types=1);

namespace FreshTack\Tests\Web;

use FreshTack\Core\Reading\Cursor;
use PHPUnit\Framework\Attributes\DataProvider;

/** What is printed stands on the paper: nothing to tick runs over its edge. */
final class PaperTest extends ApiTestCase
{
    /** Points; the margins of the sheets are wider. */
    private const EDGE = 20.0;
    private const HOURS = [
        'Brisk Tern' => ['611.4', '598.0'],
        'Low Water' => ['161.0'],
        'Skerry Flyer' => ['420', '420', '420', '420', '420'],
    ];
    /** A page's width, or a word's edges and the word, as pdftotext tells them in points. */
    private const BOX = '/<page width="([\d.]+)"|xMin="([-\d.]+)".* xMax="([-\d.]+)".*>(.*)<\/word>/';

    /** @return iterable<string, array{string, string}> boat, and what is asked of its print */
    public static function prints(): iterable
    {
        yield 'a twin' => ['Brisk Tern', 'paper=a4'];
        yield 'a twin, for a trainee' => ['Brisk Tern', 'paper=letter&density=trainee'];
        yield 'a twin, for an old hand' => ['Brisk Tern', 'paper=letter&density=short'];
        yield 'one engine' => ['Low Water', 'paper=letter'];
        yield 'five engines' => ['Skerry Flyer', 'paper=a4'];
    }

    #[DataProvider('prints')]
    public function testEverythingOfASheetStandsInsideItsEdges(string $boat, string $print): void
    {
        $number = $this->issuedWithEverything($boat);
        $this->call('GET', "/api/orders/$number/sheet.pdf?$print");
        self::assertSame(200, $this->status);

        self::assertSame([], self::beyondTheEdge((string) $this->client->getResponse()->getContent()));
    }

    /** All that its sheets schedule, on each engine. */
    private function issuedWithEverything(string $boat): int
    {
        $this->signIn('ines');
        $engines = array_map(
            static fn (Cursor $engine, int $place): array => [
                'hours' => $engine->at('hours')->raw() ?? self::HOURS[$boat][$place],
                'tasks' => array_map(static fn (Cursor $due): string => $due->at('task')->string(), $engine->at('dues')->list()),
            ],
            $known = $this->call('GET', '/api/boats/'.$this->boatId($boat).'/check-in')->at('engines')->list(),
            array_keys($known),
        );
        $file = $this->call('POST', '/api/boats/'.$this->boatId($boat).'/check-ins?beside=1', $this->draftFor($boat, $engines));
        $number = $file->at('number')->int(1, \PHP_INT_MAX);
        $this->call('POST', "/api/orders/$number/issue", ['version' => $file->at('version')->raw()]);
        self::assertSame(200, $this->status, (string) $this->client->getResponse()->getContent());

        return $number;
    }

    /** @return list<string> words that are cut off, with their page */
    private static function beyondTheEdge(string $pdf): array
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'paper');
        file_put_contents($path, $pdf);
        $boxes = (string) shell_exec('pdftotext -bbox '.escapeshellarg($path).' -');
        unlink($path);
        self::assertNotSame(0, preg_match_all(self::BOX, $boxes, $found, \PREG_SET_ORDER));
        $beyond = [];
        $page = $width = 0;
        foreach ($found as $each) {
            [, $pageWidth, $left, $right, $word] = [...$each, '', '', '', ''];
            if ('' !== $pageWidth) {
                [$page, $width] = [$page + 1, (float) $pageWidth];
            } elseif ((float) $left < self::EDGE || (float) $right > $width - self::EDGE) {
                $beyond[] = "page $page: $word";
            }
        }
        self::assertGreaterThan(0, $page);

        return $beyond;
    }
}
