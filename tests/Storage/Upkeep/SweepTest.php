<?php

declare(strict_types=1);

namespace FreshTack\Tests\Storage\Upkeep;

use FreshTack\Storage\Upkeep\Sweep;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Clock\MockClock;

final class SweepTest extends TestCase
{
    private string $folder = '';

    protected function setUp(): void
    {
        $this->folder = sys_get_temp_dir().'/fresh-tack-sweep-'.bin2hex(random_bytes(4));
    }

    protected function tearDown(): void
    {
        exec('rm -rf '.escapeshellarg($this->folder));
    }

    /** @return iterable<string, array{string, int, bool}> file, age in hours, whether it goes */
    public static function files(): iterable
    {
        yield 'a print of a month' => ['prints/sheet-a4-1.pdf', 24 * 30 - 1, false];
        yield 'a print older than a month' => ['prints/sheet-a4-1.pdf', 24 * 30 + 1, true];
        yield 'what a killed print left' => ['prints/.ab12.new', 2, true];
        yield 'a session in use' => ['sessions/sess_a', 11, false];
        yield 'a session of yesterday' => ['sessions/sess_a', 13, true];
        yield 'progress of long ago' => ['progress/due-days.json', 25, true];
        yield 'a report that was taken lately' => ['reader/taken/a.csv', 24 * 89, false];
        yield 'a report that was taken long ago' => ['reader/taken/a.csv', 24 * 91, true];
        yield 'a refused one, and why' => ['reader/refused/a.csv.reason.txt', 24 * 91, true];
        yield 'a report that waits' => ['reader/in/a.csv', 24 * 400, false];
        yield 'a message to an owner' => ['outbox/a.eml', 24 * 400, false];
    }

    #[DataProvider('files')]
    public function testFilesGoWhenTheyHaveHadTheirTime(string $file, int $hours, bool $goes): void
    {
        $path = $this->folder.'/'.$file;
        mkdir(\dirname($path), 0o700, true);
        file_put_contents($path, 'x');
        $clock = new MockClock('2026-03-18 09:00:00');
        touch($path, $clock->now()->getTimestamp() - 3600 * $hours);

        self::assertSame($goes ? 1 : 0, (new Sweep($this->folder, $clock))());
        self::assertSame(!$goes, is_file($path));
    }
}
