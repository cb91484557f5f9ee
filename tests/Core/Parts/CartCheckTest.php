<?php

declare(strict_types=1);

namespace FreshTack\Tests\Core\Parts;

use FreshTack\Core\Parts\CartCheck;
use FreshTack\Core\Parts\CartPart;
use FreshTack\Core\Parts\CartState;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class CartCheckTest extends TestCase
{
    /** @return iterable<string, array{string, string|null, list<string>, CartState, list<string>, string}> number, engine, elsewhere; state, engines, message */
    public static function held(): iterable
    {
        yield 'for one of two engines' => ['QV-50318', null, [], CartState::Fits, ['Port'], 'QV-50318, Oil filter, early, fits Port, K165 KS4-10412.'];
        yield 'for both' => ['QV-31180', null, [], CartState::Fits, ['Port', 'Starboard'], 'QV-31180, Drain seal, fits Port, K165 KS4-10412 and Starboard, K165 KS4-20977.'];
        yield 'for both, fitted to one' => ['QV-31180', 'Starboard', [], CartState::Fits, ['Starboard'], 'QV-31180, Drain seal, fits Starboard, K165 KS4-20977.'];
        yield 'typed in small letters with a blank' => ['qv- 50318', 'Port', [], CartState::Fits, ['Port'], 'QV-50318, Oil filter, early, fits Port, K165 KS4-10412.'];
        yield 'the other engine\'s' => ['QV-50318', 'Starboard', [], CartState::OtherEngine, [], 'QV-50318, Oil filter, early, is for Port and not for Starboard, K165 KS4-20977. Put it back.'];
        yield 'the other side of a serial break' => ['QV-50777', null, ['K165 KS4-25000 – 29999'], CartState::OtherSide, [], 'QV-50777 is for K165 KS4-25000 – 29999, on the other side of a serial break; here hangs K165 KS4-10412 and K165 KS4-20977. Put it back.'];
        yield 'an old number' => ['QV-31100', null, ['K165 KS4-1 – 9'], CartState::OldNumber, [], 'QV-31100 is the old number: QV-31180 took its place. Take that one.'];
        yield 'a piece of the kit that is taken' => ['QV-60050', null, [], CartState::InKit, [], 'QV-60050 comes in the kit QV-59165, which this order takes. Confirm the kit.'];
        yield 'the maker\'s own where another\'s stands in' => ['QV-50644', null, [], CartState::Fits, ['Starboard'], 'TW-7715, Oil filter, other maker, fits Starboard, K165 KS4-20977.'];
        yield 'nothing of this order' => ['QV-99999', null, [], CartState::Unknown, [], 'No part of this order has the number QV-99999. Look at the label again, or ask the parts counter.'];
    }

    /**
     * @param list<string> $elsewhere
     * @param list<string> $engines
     */
    #[DataProvider('held')]
    public function testANumberFitsOrStopsHere(string $number, ?string $engine, array $elsewhere, CartState $state, array $engines, string $message): void
    {
        $check = new CartCheck([
            new CartPart('QV-50318', 'Oil filter, early', ['Port']),
            new CartPart('TW-7715', 'Oil filter, other maker', ['Starboard'], standsFor: 'QV-50644'),
            new CartPart('QV-31180', 'Drain seal', ['Port', 'Starboard'], ['QV-31100']),
            new CartPart('QV-59165', 'Service kit', ['Starboard'], pieces: ['QV-60050']),
        ], ['Port' => 'K165 KS4-10412', 'Starboard' => 'K165 KS4-20977']);
        $answer = $check->hold($number, $engine, $elsewhere);

        self::assertSame([$state, $engines, $message], [$answer->state, $answer->engines, $answer->message]);
    }
}
