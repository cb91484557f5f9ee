<?php

declare(strict_types=1);

namespace FreshTack\Tests\Web;

use FreshTack\Core\Reading\Cursor;

/** Each part is held against the serial number before it is fitted. */
final class CartTest extends ApiTestCase
{
    public function testANumberThatFitsIsKeptOnceWithWhoHeldIt(): void
    {
        $number = $this->issuedTwin();
        $this->signIn('bram');
        foreach ([1, 2] as $_) {
            $cart = $this->hold($number, 'qv-50318');
            self::assertSame('fits', $cart->at('answer')->at('state')->raw());
        }
        self::assertSame([['QV-50318', 'Port', 'bram']], array_map(static fn (Cursor $each): array => [$each->at('number')->raw(), $each->at('engine')->raw(), $each->at('by')->raw()], $this->call('GET', "/api/orders/$number/cart")->at('confirmed')->list()));
    }

    public function testTheWrongSideOfASerialBreakStopsThere(): void
    {
        $number = $this->issuedTwin();
        $cart = $this->hold($number, 'QV-50318', 'Starboard');
        self::assertSame(['other_engine', 0], [$cart->at('answer')->at('state')->raw(), \count($cart->at('confirmed')->list())]);

        // the early series again, for an order of two late engines: the book knows whose it is
        $late = $this->lateTwin();
        $answer = $this->hold($late, 'QV-50318')->at('answer');
        self::assertSame('other_side', $answer->at('state')->raw());
        self::assertStringContainsString('on the other side of a serial break', $answer->at('message')->string());
    }

    public function testWhatIsNoPartOfTheOrderIsSaidAndWrittenDown(): void
    {
        $number = $this->issuedTwin();
        self::assertSame('unknown', $this->hold($number, 'DM-99999')->at('answer')->at('state')->raw());
        self::assertEquals(1, $this->entities()->getConnection()->fetchOne("SELECT COUNT(*) FROM audit_entry WHERE action = 'cart.refused' AND subject = ?", ["order $number"]));
        $this->call('POST', "/api/orders/$number/cart", ['number' => '', 'engine' => null]);
        self::assertSame(422, $this->status);
    }

    public function testADraftHasNoCart(): void
    {
        [$number] = $this->draftOfTwin();
        $this->call('GET', "/api/orders/$number/cart");
        self::assertSame(409, $this->status);
    }

    private function hold(int $order, string $number, ?string $engine = null): Cursor
    {
        return $this->call('POST', "/api/orders/$order/cart", ['number' => $number, 'engine' => $engine]);
    }

    /** As if the plate of the port engine had been read wrongly and both engines were late ones. */
    private function lateTwin(): int
    {
        $both = ['reading' => '0.55', 'restMin' => 600, 'tasks' => ['engine_oil', 'oil_filter']];
        $file = $this->call(
            'POST',
            '/api/boats/'.$this->boatId('Brisk Tern').'/check-ins?beside=1',
            $this->draftFor('Brisk Tern', [['serial' => 'KS4-20990', 'hours' => '611.4', ...$both], ['hours' => '598.0', ...$both]]),
        );
        $number = $file->at('number')->int(1, \PHP_INT_MAX);
        $this->call('POST', "/api/orders/$number/issue", ['version' => $file->at('version')->raw()]);

        return $number;
    }
}
