<?php

declare(strict_types=1);

namespace FreshTack\Tests\Exchange;

use FreshTack\Exchange\Printer;
use PHPUnit\Framework\TestCase;
use Twig\Environment;
use Twig\Loader\ArrayLoader;

final class PrinterTest extends TestCase
{
    private const FONTS = __DIR__.'/../../var/fonts';

    private string $folder = '';

    protected function setUp(): void
    {
        $this->folder = sys_get_temp_dir().'/fresh-tack-print-'.bin2hex(random_bytes(4));
        mkdir($this->folder);
    }

    protected function tearDown(): void
    {
        foreach ([...$this->kept(), $this->folder.'/prints'] as $path) {
            is_dir($path) ? rmdir($path) : (is_file($path) && unlink($path));
        }
        rmdir($this->folder);
    }

    public function testPrintsTheSameContentOnce(): void
    {
        $first = $this->printer()->print('sheet', ['words' => 'Turn ⅝'], 'a4', 'order 2471');
        self::assertStringStartsWith('%PDF-', $first);
        file_put_contents($this->kept()[0], "%PDF-kept\n%%EOF\n");

        self::assertSame("%PDF-kept\n%%EOF\n", $this->printer()->print('sheet', ['words' => 'Turn ⅝'], 'a4', 'order 2471'));
        self::assertStringStartsWith('%PDF-', $this->printer()->print('sheet', ['words' => 'Turn ⅝'], 'letter', 'order 2471'));
        self::assertStringStartsWith('%PDF-', $this->printer()->print('sheet', ['words' => 'Turn ⅞'], 'a4', 'order 2471'));
        self::assertCount(3, $this->kept());
    }

    public function testAPrintThatWasCutIsNeverServedAndPrintedAnew(): void
    {
        $whole = $this->printer()->print('sheet', ['words' => 'Turn ⅝'], 'a4', 'order 2471');
        foreach ([0, 5, \strlen($whole) - 10] as $bytes) {
            file_put_contents($this->kept()[0], substr($whole, 0, $bytes));

            $again = $this->printer()->print('sheet', ['words' => 'Turn ⅝'], 'a4', 'order 2471');
            self::assertStringEndsWith('%%EOF', rtrim($again), "cut after $bytes bytes");
            self::assertSame($again, file_get_contents($this->kept()[0]));
        }
        self::assertCount(1, $this->kept(), 'and nothing is left beside it');
    }

    public function testWhereNothingCanBeKeptItIsPrintedAllTheSame(): void
    {
        // a file lies where the folder would be: nobody, not even root, can write into it
        file_put_contents($this->folder.'/prints', '');

        self::assertStringEndsWith('%%EOF', rtrim($this->printer()->print('sheet', ['words' => 'Turn ⅝'], 'a4', 'order 2471')));
    }

    public function testWhatIsPrintedCanNotBeMarkup(): void
    {
        $printed = $this->printer()->print('sheet', ['words' => '<img src="file:///etc/passwd">'], 'a4', 'order 1');

        self::assertStringStartsWith('%PDF-', $printed);
        self::assertStringNotContainsString('/XObject /Subtype /Image', $printed);
    }

    public function testTypesAreThoseOfTheShopAndReadOnly(): void
    {
        $fonts = $this->folder.'/fonts';
        mkdir($fonts);
        foreach (self::filesIn(self::FONTS) as $file) {
            copy($file, $fonts.'/'.basename($file));
            touch($fonts.'/'.basename($file), 1);
        }
        $printed = $this->printer($fonts)->print('label', ['words' => 'Turn ⅝'], 'a4', '');
        clearstatcache();
        $files = self::filesIn($fonts);
        $written = array_filter($files, static fn (string $file): bool => 1 !== filemtime($file));
        array_map(unlink(...), $files);
        rmdir($fonts);

        self::assertStringContainsString('Hyperlegible', $printed);
        self::assertSame([], $written, 'two prints at once, or of two users, would meet there');
    }

    public function testALabelHasTheSizeOfItsRoll(): void
    {
        self::assertStringContainsString('/MediaBox [0.000 0.000 175.700 136.100]', $this->printer()->print('label', ['words' => 'x'], 'a4', ''));
    }

    private function printer(string $fonts = self::FONTS): Printer
    {
        $templates = [
            'print/sheet.html.twig' => '<p>{{ words }}</p>',
            'print/label.html.twig' => '<p style="font-family: Hyperlegible">{{ words }} <b>x</b></p>',
        ];

        return new Printer(new Environment(new ArrayLoader($templates)), $fonts, $this->folder);
    }

    /** @return list<string> */
    private function kept(): array
    {
        return self::filesIn($this->folder.'/prints');
    }

    /** @return list<string> */
    private static function filesIn(string $folder): array
    {
        $files = glob($folder.'/*');

        return false === $files ? [] : $files;
    }
}
