<?php

declare(strict_types=1);

namespace FreshTack\Tests\Outside;

use Dompdf\Dompdf;
use FreshTack\Outside\FolderReaderDrop;
use FreshTack\Outside\LabelFolder;
use FreshTack\Outside\OutboxFolder;
use FreshTack\Outside\WrenchFolder;
use FreshTack\Shop\Bench\NotPrinted;
use FreshTack\Shop\Reminder\NotSent;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Clock\MockClock;

/** The folders through which the shop talks to what is outside. */
final class FolderTest extends TestCase
{
    private string $folder;

    protected function setUp(): void
    {
        $this->folder = sys_get_temp_dir().'/fresh-tack-'.bin2hex(random_bytes(6));
        mkdir($this->folder);
    }

    protected function tearDown(): void
    {
        exec('rm -rf '.escapeshellarg($this->folder));
    }

    public function testPullsOfTheLastMinutesAreOfferedTheNewestFirstAndRubbishIsPutAside(): void
    {
        $drop = new WrenchFolder($this->folder);
        $now = new \DateTimeImmutable('2026-03-18 09:00');
        self::assertSame([], $drop->lately($now), 'the folder is made');
        foreach (['old' => '-10 min', 'one' => '-2 min', 'two' => '-1 min'] as $name => $age) {
            file_put_contents($this->folder."/wrench/in/$name.json", $name);
            touch($this->folder."/wrench/in/$name.json", $now->modify($age)->getTimestamp());
        }
        file_put_contents($this->folder.'/wrench/in/big.json', str_repeat(' ', 20_000));
        touch($this->folder.'/wrench/in/big.json', $now->getTimestamp());
        self::assertSame(['big.json' => '', 'two.json' => 'two', 'one.json' => 'one'], $drop->lately($now->modify('-3 min')));

        $drop->refused('two.json', 'It is no reading.');
        self::assertSame(['big.json', 'one.json'], array_keys($drop->lately($now->modify('-3 min'))));
        self::assertStringEqualsFile($this->folder.'/wrench/refused/two.json.reason.txt', "It is no reading.\n");
    }

    public function testALabelEndsAsPdfWithAPictureOfEach(): void
    {
        $printer = new LabelFolder($this->folder, new MockClock('2026-03-18 09:00'));
        $pdf = new Dompdf();
        $pdf->setPaper([0.0, 0.0, 175.7, 136.1]);
        $pdf->loadHtml('<p style="page-break-after: always">Port</p><p>Starboard</p>');
        $pdf->render();

        self::assertSame(2, $printer->print(2401, $pdf->output()));
        self::assertFileExists($this->folder.'/labels/order-2401-20260318-090000.pdf');
        // 62 mm by 48 mm at 300 dots an inch: 732 by 567
        self::assertSame([733, 568], \array_slice((array) getimagesize($this->folder.'/labels/order-2401-20260318-090000-1.png'), 0, 2));
    }

    public function testWhatIsNoLabelIsNotPrintedAndSaysSo(): void
    {
        $this->expectException(NotPrinted::class);
        $this->expectExceptionMessage('it can\'t be drawn');
        (new LabelFolder($this->folder, new MockClock()))->print(2401, 'no PDF');
    }

    public function testAPrinterWhoseFolderIsGoneSaysSo(): void
    {
        file_put_contents($this->folder.'/labels', 'a file in its place');
        $this->expectException(NotPrinted::class);
        $this->expectExceptionMessage('its folder can\'t be written');
        (new LabelFolder($this->folder, new MockClock()))->print(2401, 'any');
    }

    public function testReportsAreTakenOldestNameFirstAndPutAway(): void
    {
        $drop = new FolderReaderDrop($this->folder);
        self::assertSame([], $drop->waiting(), 'the folder is made');
        file_put_contents($this->folder.'/reader/in/b.json', '{}');
        file_put_contents($this->folder.'/reader/in/a.csv', 'serial');
        file_put_contents($this->folder.'/reader/in/notes.txt', 'not for us');
        self::assertSame(['a.csv' => 'serial', 'b.json' => '{}'], $drop->waiting());

        $drop->taken('a.csv');
        $drop->refused('b.json', 'It is empty.');
        self::assertSame([], $drop->waiting());
        self::assertFileExists($this->folder.'/reader/taken/a.csv');
        self::assertStringEqualsFile($this->folder.'/reader/refused/b.json.reason.txt', "It is empty.\n");
    }

    public function testAFileOfTheSameNameDoesNotReplaceTheOneBefore(): void
    {
        $drop = new FolderReaderDrop($this->folder);
        foreach (['first', 'second'] as $content) {
            $drop->waiting();
            file_put_contents($this->folder.'/reader/in/a.json', $content);
            $drop->taken('a.json');
        }

        self::assertStringEqualsFile($this->folder.'/reader/taken/a.json', 'first');
        self::assertStringEqualsFile($this->folder.'/reader/taken/2-a.json', 'second');
    }

    public function testALinkOutOfTheFolderIsNotFollowed(): void
    {
        $drop = new FolderReaderDrop($this->folder);
        $drop->waiting();
        symlink('/etc/hostname', $this->folder.'/reader/in/host.json');

        self::assertSame([], $drop->waiting());
    }

    public function testAnOutboxThatCantBeWrittenSaysSo(): void
    {
        $outbox = new OutboxFolder($this->folder, new MockClock('2026-03-18 09:00'));
        $outbox->put('txt', 'Hello');
        self::assertCount(1, (array) glob($this->folder.'/outbox/20260318-090000-*.txt'));

        file_put_contents($this->folder.'/file', '');
        $this->expectException(NotSent::class);
        (new OutboxFolder($this->folder.'/file', new MockClock()))->put('txt', 'Hello');
    }
}
