<?php

declare(strict_types=1);

namespace FreshTack\Exchange;

use Dompdf\Dompdf;
use Dompdf\Options;
use Twig\Environment;

/**
 * Prints to PDF, black and white. What is printed never changes once it is frozen, so each print is rendered once
 * and kept under its content's hash.
 */
final readonly class Printer
{
    private const FAMILY = 'Hyperlegible';
    /** Characters that fit beside the page number in the usual size. */
    private const LONG_FOOTER = 90;
    /** Points; smaller than the last nobody reads at a bench. */
    private const SIZES = [9.5, 8.7, 8.0, 7.4];
    /** Points: the label roll is 62 mm wide and cut at 48 mm. */
    private const LABEL = [0.0, 0.0, 175.7, 136.1];

    public function __construct(private Environment $twig, private string $fontDir, private string $dataDir)
    {
    }

    /**
     * @param string               $what    `sheet`, `record` or `label`
     * @param array<string, mixed> $content for the template of that name
     * @param 'a4'|'letter'        $paper   ignored for labels
     * @param string               $footer  stands on every page beside its number
     */
    public function print(string $what, array $content, string $paper, string $footer, FigureStyle $figures = new FigureStyle()): string
    {
        $html = $figures->setPage($this->twig->render("print/$what.html.twig", $content));
        $file = \sprintf('%s/prints/%s-%s-%s.pdf', $this->dataDir, $what, $paper, hash('sha256', $html.$footer));
        $kept = (string) @file_get_contents($file);
        if (self::isWhole($kept)) {
            return $kept;
        }
        $pdf = $this->rendered($html, 'label' === $what ? self::LABEL : $paper, $footer);
        self::isWhole($pdf) || throw new \RuntimeException('The PDF library made a file without an end.');
        $this->keep($file, $pdf);

        return $pdf;
    }

    /** A file that was cut lacks its last line, whatever cut it: it is printed anew. */
    private static function isWhole(string $pdf): bool
    {
        return str_starts_with($pdf, '%PDF-') && str_ends_with(rtrim($pdf), '%%EOF');
    }

    /** Beside its place first, so that nobody reads half of it. Where nothing can be kept, the next one prints again. */
    private function keep(string $file, string $pdf): void
    {
        $folder = \dirname($file);
        is_dir($folder) || @mkdir($folder, 0o700, true);
        $new = \sprintf('%s/.%s.new', $folder, bin2hex(random_bytes(8)));
        if (\strlen($pdf) !== @file_put_contents($new, $pdf) || !@rename($new, $file)) {
            @unlink($new);
        }
    }

    /**
     * The same on one page, if smaller type brings it there: the largest that does, or else that with the fewest pages.
     *
     * @param array<string, mixed> $content its template takes the type's `size` in points
     * @param 'a4'|'letter'        $paper
     */
    public function fitted(string $what, array $content, string $paper, string $footer, FigureStyle $figures = new FigureStyle()): string
    {
        $best = null;
        foreach (self::SIZES as $size) {
            $pdf = $this->print($what, [...$content, 'size' => $size], $paper, $footer, $figures);
            $pages = preg_match_all('~/Type\s*/Page\b(?!s)~', $pdf);
            $best = null === $best || $pages < $best[0] ? [$pages, $pdf] : $best;
            if (1 === $pages) {
                break;
            }
        }

        return $best[1];
    }

    /**
     * The type is the one that is shipped, measured at set-up; where it is not there, the PDF library's own.
     *
     * @param string|array{float, float, float, float} $paper
     */
    private function rendered(string $html, string|array $paper, string $footer): string
    {
        $dompdf = new Dompdf(new Options(['isRemoteEnabled' => false, 'isPhpEnabled' => false, 'isFontSubsettingEnabled' => true, 'chroot' => [$this->fontDir], 'fontDir' => $this->fontDir, 'fontCache' => $this->fontDir, 'tempDir' => sys_get_temp_dir(), 'defaultFont' => 'DejaVu Sans']));
        $dompdf->setPaper($paper);
        $dompdf->loadHtml($html, 'UTF-8');
        $dompdf->render();
        if (\is_string($paper)) {
            $canvas = $dompdf->getCanvas();
            $canvas->page_text(34, $canvas->get_height() - 26, 'page {PAGE_NUM} of {PAGE_COUNT}   ·   '.$footer, $dompdf->getFontMetrics()->getFont(self::FAMILY) ?? 'DejaVu Sans', mb_strlen($footer) > self::LONG_FOOTER ? 7 : 9);
        }

        return $dompdf->output();
    }
}
