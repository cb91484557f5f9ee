<?php

declare(strict_types=1);

namespace FreshTack\Tests\Exchange;

use FreshTack\Core\Reading\InvalidDocument;
use FreshTack\Exchange\LogoPicture;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class LogoPictureTest extends TestCase
{
    /** @return iterable<string, array{int, int, int, int}> width and height of what is sent and of what is kept */
    public static function sizes(): iterable
    {
        yield 'small enough' => [300, 90, 300, 90];
        // 600 by 200 is the most: a third of the width
        yield 'wide' => [1800, 300, 600, 100];
        yield 'high' => [400, 800, 100, 200];
        yield 'a line' => [3000, 1, 600, 1];
    }

    #[DataProvider('sizes')]
    public function testAPictureIsMadeToFitTheHeadOfAPage(int $wide, int $high, int $width, int $height): void
    {
        $size = getimagesizefromstring(LogoPicture::of(self::png($wide, $high)));

        self::assertIsArray($size);
        self::assertSame([$width, $height, \IMAGETYPE_PNG], [$size[0], $size[1], $size[2]]);
    }

    public function testWhatWasTransparentIsWhiteAsPaperIs(): void
    {
        $clear = imagecreatetruecolor(10, 10);
        imagesavealpha($clear, true);
        imagefill($clear, 0, 0, (int) imagecolorallocatealpha($clear, 0, 0, 0, 127));
        $kept = imagecreatefromstring(LogoPicture::of(self::bytes($clear)));

        self::assertNotFalse($kept);
        self::assertSame(0xFFFFFF, imagecolorat($kept, 5, 5) & 0xFFFFFF);
    }

    /** @return iterable<string, array{string, string}> bytes, what is told */
    public static function refused(): iterable
    {
        yield 'no picture' => ['a letter', 'This is no picture'];
        yield 'nothing' => ['', 'This is no picture'];
        yield 'a drawing that a browser would run' => ['<svg xmlns="http://www.w3.org/2000/svg"><script/></svg>', 'This is no picture'];
        yield 'too many bytes' => [str_repeat('x', 5_000_001), 'larger than 5 MB'];
        // the head alone says how large it would be: nothing of it is unpacked
        yield 'too many points' => [self::header(40_000, 40_000), '40000 by 40000 points'];
        yield 'cut off' => [substr(self::png(50, 50), 0, 40), 'broken'];
    }

    #[DataProvider('refused')]
    public function testWhatCantBePrintedIsRefused(string $bytes, string $told): void
    {
        $this->expectException(InvalidDocument::class);
        $this->expectExceptionMessage($told);

        LogoPicture::of($bytes);
    }

    private static function png(int $wide, int $high): string
    {
        return self::bytes(imagecreatetruecolor(max(1, $wide), max(1, $high)));
    }

    private static function bytes(\GdImage $picture): string
    {
        ob_start();
        imagepng($picture);

        return (string) ob_get_clean();
    }

    /** The beginning of a PNG of that size, and no more. */
    private static function header(int $wide, int $high): string
    {
        $chunk = 'IHDR'.pack('NNCCCCC', $wide, $high, 8, 2, 0, 0, 0);

        return "\x89PNG\r\n\x1a\n".pack('N', 13).$chunk.pack('N', crc32($chunk));
    }
}
