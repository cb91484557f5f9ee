<?php

declare(strict_types=1);

namespace FreshTack\Tests\Web;

final class CrowfootTest extends ApiTestCase
{
    public function testACrowfootChangesWhatTheWrenchIsSetTo(): void
    {
        $this->signIn('ada');
        // 26 N·m × 300 / (300 + 50) = 22.29 N·m; across, nothing changes
        self::assertSame('22.3 N·m', $this->ask('26', '300', '50', 0));
        self::assertSame('26.0 N·m', $this->ask('26', '300', '50', 90));
    }

    public function testWhatCanNotBeIsSaidAtItsField(): void
    {
        $this->signIn('ada');
        self::assertNull($this->ask('26', 'long', '50', 0));
        self::assertSame(422, $this->status);
        self::assertNull($this->ask('26', '50', '60', 180));
        self::assertSame(422, $this->status);
    }

    private function ask(string $torque, string $lever, string $offset, int $degrees): ?string
    {
        return $this->call('POST', '/api/tools/crowfoot', ['torque' => ['value' => $torque, 'unit' => 'nm'], 'lever' => ['value' => $lever, 'unit' => 'mm'], 'offset' => ['value' => $offset, 'unit' => 'mm'], 'degrees' => $degrees])->at('setting')->optionalString();
    }
}
