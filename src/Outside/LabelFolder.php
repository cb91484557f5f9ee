<?php

declare(strict_types=1);

namespace FreshTack\Outside;

use FreshTack\Shop\Bench\LabelPrinter;
use FreshTack\Shop\Bench\NotPrinted;
use Psr\Clock\ClockInterface;
use Symfony\Component\Process\Exception\ExceptionInterface;
use Symfony\Component\Process\Process;

/** Stands for a label printer: a folder into which each print goes as PDF, and each of its labels as a picture. */
final readonly class LabelFolder implements LabelPrinter
{
    private const SECONDS = 20;
    /** Dots per inch of a label printer. */
    private const DPI = '300';

    /** @param string $labelFolder empty: `labels` in the data folder */
    public function __construct(private string $dataDir, private ClockInterface $clock, private string $labelFolder = '')
    {
    }

    public function print(int $order, string $pdf): int
    {
        // a restore may have turned the link since PHP looked at it last
        clearstatcache(true);
        $folder = '' === $this->labelFolder ? $this->dataDir.'/labels' : $this->labelFolder;
        $name = \sprintf('%s/order-%d-%s', $folder, $order, $this->clock->now()->format('Ymd-His'));
        $isThere = is_dir($folder) || @mkdir($folder, 0o770, true) || is_dir($folder);
        if (!$isThere || \strlen($pdf) !== @file_put_contents($name.'.pdf', $pdf)) {
            throw NotPrinted::because('its folder can\'t be written');
        }
        try {
            $process = new Process(['pdftoppm', '-png', '-r', self::DPI, $name.'.pdf', $name]);
            $process->setTimeout(self::SECONDS)->run();
        } catch (ExceptionInterface) {
            throw NotPrinted::because('what draws it is not installed');
        }
        $pictures = glob($name.'-*.png');

        return false === $pictures || [] === $pictures ? throw NotPrinted::because('it can\'t be drawn') : \count($pictures);
    }
}
