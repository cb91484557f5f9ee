<?php

declare(strict_types=1);

namespace FreshTack\Tests\Web;

use FreshTack\Core\Reading\Cursor;
use PHPUnit\Framework\Attributes\DataProvider;

/** What a digital torque wrench leaves in its folder. */
final class WrenchTest extends ApiTestCase
{
    private string $in;

    protected function setUp(): void
    {
        parent::setUp();
        $data = self::getContainer()->getParameter('fresh_tack.data_dir');
        self::assertIsString($data);
        $this->in = $data.'/wrench/in';
        is_dir($this->in) || mkdir($this->in, 0o770, true);
        $this->clear();
    }

    protected function tearDown(): void
    {
        $this->clear();
        parent::tearDown();
    }

    private function clear(): void
    {
        foreach ([$this->in, \dirname($this->in).'/refused'] as $folder) {
            $files = glob($folder.'/pull-*');
            foreach (false === $files ? [] : $files as $file) {
                unlink($file);
            }
        }
    }

    public function testAPullOfAWrenchOfTheShopIsOffered(): void
    {
        file_put_contents($this->in.'/pull-1.json', '{"wrench": "TW-1", "torque": "24.3", "unit": "nm"}');
        $this->signIn('ada');

        self::assertSame([['pull-1.json', 'TW-1, 5–25 N·m', '24.3', 'nm', '24.3 N·m']], array_map(
            static fn (Cursor $each): array => array_map(
                static fn (string $key): mixed => $each->at($key)->raw(),
                ['id', 'wrench', 'torque', 'unit', 'text'],
            ),
            $this->call('GET', '/api/wrench-readings')->at('readings')->list(),
        ));
    }

    /** @return iterable<string, array{string}> */
    public static function rubbish(): iterable
    {
        yield 'no JSON' => ['24.3'];
        yield 'cut off' => ['{"wrench": "TW-1", "torque": "24'];
        yield 'a wrench that is not the shop’s' => ['{"wrench": "TW-9", "torque": "24.3", "unit": "nm"}'];
        yield 'no unit' => ['{"wrench": "TW-1", "torque": "24.3", "unit": "turns"}'];
        yield 'no figure' => ['{"wrench": "TW-1", "torque": "OL", "unit": "nm"}'];
        yield 'something else besides' => ['{"wrench": "TW-1", "torque": "24.3", "unit": "nm", "bolt": 3}'];
    }

    #[DataProvider('rubbish')]
    public function testWhatIsNoReadingIsPutAsideWithTheReason(string $content): void
    {
        file_put_contents($this->in.'/pull-2.json', $content);
        $this->signIn('ada');

        self::assertSame([], $this->call('GET', '/api/wrench-readings')->at('readings')->raw());
        self::assertFileDoesNotExist($this->in.'/pull-2.json');
        self::assertStringNotEqualsFile(\dirname($this->in).'/refused/pull-2.json.reason.txt', "\n");
    }
}
