<?php

declare(strict_types=1);

namespace FreshTack\Tests\Core\SpecBook;

use FreshTack\Core\SpecBook\Contributors;
use PHPUnit\Framework\TestCase;

final class ContributorsTest extends TestCase
{
    private const OLD = ['author' => 'Ada', 'values' => ['a' => ['value' => '1', 'by' => 'Bram'], 'b' => ['value' => '2']]];

    public function testTheAuthorAndWhoeverEnteredWhatIsNew(): void
    {
        $new = ['author' => 'Cora', 'values' => ['a' => ['value' => '3', 'by' => 'Dan'], 'b' => ['value' => '2'], 'c' => ['value' => '4', 'by' => 'Ed'], 'd' => ['value' => '5', 'by' => 'Ed']]];
        self::assertSame(['Cora', 'Dan', 'Ed'], Contributors::of($new, self::OLD));
    }

    public function testWhatStoodInTheRevisionBeforeDoesNotCount(): void
    {
        self::assertSame(['Cora'], Contributors::of([...self::OLD, 'author' => 'Cora'], self::OLD));
    }

    public function testInAFirstRevisionEveryValueCounts(): void
    {
        self::assertSame(['Ada', 'Bram'], Contributors::of(self::OLD, null));
    }

    public function testAValueLookedUpAgainCounts(): void
    {
        $again = [...self::OLD, 'values' => ['a' => ['value' => '1', 'by' => 'Fay', 'page' => '9']]];
        self::assertSame(['Ada', 'Fay'], Contributors::of($again, self::OLD));
    }
}
