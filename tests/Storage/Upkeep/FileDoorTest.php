<?php

declare(strict_types=1);

namespace FreshTack\Tests\Storage\Upkeep;

use FreshTack\Shop\Away;
use FreshTack\Storage\Upkeep\FileDoor;
use FreshTack\Storage\Upkeep\LiveDatabase;
use FreshTack\Storage\Upkeep\UpkeepFailed;
use PHPUnit\Framework\TestCase;

/** Two doors of one folder stand for two processes: their locks exclude each other in the same way. */
final class FileDoorTest extends TestCase
{
    private string $folder = '';

    protected function setUp(): void
    {
        $this->folder = sys_get_temp_dir().'/fresh-tack-door-'.bin2hex(random_bytes(4));
        mkdir($this->folder);
        $this->door()->make();
    }

    protected function tearDown(): void
    {
        exec('rm -rf '.escapeshellarg($this->folder));
    }

    public function testManyGoInAtOnceAndNobodyWhileItIsClosed(): void
    {
        [$one, $two, $closer] = [$this->door(), $this->door(), $this->door()];
        $one->enter();
        $two->enter();
        $one->leave();
        $two->leave();
        $closer->close(0);

        $this->expectException(Away::class);
        $one->enter();
    }

    public function testWhoeverIsInsideIsWaitedForAndNobodyElseGetsIn(): void
    {
        $inside = $this->door();
        $inside->enter();
        $closer = $this->door();
        try {
            $closer->close(0);
            self::fail('closed over somebody inside');
        } catch (UpkeepFailed $error) {
            self::assertStringContainsString('still changing something', $error->getMessage());
        }
        // it goes on holding the gate as long as it lives
        try {
            $this->door()->enter();
            self::fail('somebody got in');
        } catch (Away $away) {
            self::assertSame('away.closed', $away->errorKey);
        }
        $inside->enter();
        $inside->leave();
        unset($closer);
        $this->door()->enter();
        $this->addToAssertionCount(1);
    }

    public function testTwoRestoresExcludeEachOther(): void
    {
        $first = $this->door();
        $first->close(0);

        $this->expectExceptionMessage('another restore is at work');
        $this->door()->close(0);
    }

    public function testNobodyWorksOnWithADatabaseThatIsNoLongerTheShops(): void
    {
        $live = new LiveDatabase($this->folder);
        symlink('generations/fresh_tack', $this->folder.'/live');
        $live->connectedTo($live->name() ?? '');
        $door = new FileDoor($this->folder, $live);
        $door->enter();
        $door->leave();
        unlink($this->folder.'/live');
        symlink('generations/fresh_tack_2', $this->folder.'/live');
        try {
            $door->enter();
            self::fail('written into a database that is gone');
        } catch (Away $away) {
            self::assertSame('away.closed', $away->errorKey);
        }
        // and the door itself is not held by it
        $this->door()->close(0);
    }

    private function door(): FileDoor
    {
        return new FileDoor($this->folder, new LiveDatabase($this->folder));
    }
}
