<?php

declare(strict_types=1);

namespace FreshTack\Exchange;

use FreshTack\Core\Reading\InvalidDocument;

/** A logo for what is printed, made from any picture of a browser's: PNG, on white, no larger than a head of a page needs. */
final readonly class LogoPicture
{
    private const LARGEST_BYTES = 5_000_000;
    private const MOST_PIXELS = 16_000_000;
    private const WIDTH = 600;
    private const HEIGHT = 200;
    private const KINDS = [\IMAGETYPE_PNG, \IMAGETYPE_JPEG, \IMAGETYPE_GIF, \IMAGETYPE_WEBP];

    /**
     * @return string the PNG
     *
     * @throws InvalidDocument if it is too large, or no picture
     */
    public static function of(string $bytes): string
    {
        if (\strlen($bytes) > self::LARGEST_BYTES) {
            throw InvalidDocument::at('', 'This picture is larger than 5 MB. Save it smaller: it is printed 5 cm wide.');
        }
        $size = @getimagesizefromstring($bytes);
        if (false === $size || !\in_array($size[2], self::KINDS, true)) {
            throw InvalidDocument::at('', 'This is no picture that can be printed. Send a PNG, JPEG, GIF or WebP.');
        }
        if ($size[0] * $size[1] > self::MOST_PIXELS) {
            $told = 'This picture has %d by %d points. Save it smaller: 600 by 200 is enough.';
            throw InvalidDocument::at('', \sprintf($told, $size[0], $size[1]));
        }
        $picture = @imagecreatefromstring($bytes);

        if (false === $picture) {
            throw InvalidDocument::at('', 'This picture is broken and can\'t be read. Save it again.');
        }

        return self::png(self::shrunk($picture));
    }

    /** What was transparent is white: paper is. */
    private static function shrunk(\GdImage $picture): \GdImage
    {
        [$wide, $high] = [imagesx($picture), imagesy($picture)];
        $scale = min(1.0, self::WIDTH / $wide, self::HEIGHT / $high);
        [$width, $height] = [max(1, (int) round($wide * $scale)), max(1, (int) round($high * $scale))];
        $small = imagecreatetruecolor($width, $height);
        imagefill($small, 0, 0, (int) imagecolorallocate($small, 255, 255, 255));
        imagecopyresampled($small, $picture, 0, 0, 0, 0, $width, $height, $wide, $high);

        return $small;
    }

    private static function png(\GdImage $picture): string
    {
        ob_start();
        imagepng($picture);

        return (string) ob_get_clean();
    }
}
