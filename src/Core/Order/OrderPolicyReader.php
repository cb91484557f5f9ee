<?php

declare(strict_types=1);

namespace FreshTack\Core\Order;

use FreshTack\Core\Finding\ShopAnswersReader;
use FreshTack\Core\Policy\SchoolsReader;
use FreshTack\Core\Reading\Cursor;
use FreshTack\Core\SpecBook\ValueReader;

/** Reads the policy part of an order request, as the shop's settings keep it too. */
final readonly class OrderPolicyReader
{
    /** Null, with a flaw noted at the field, if a volume can't be read. */
    public static function at(Cursor $policy): ?OrderPolicy
    {
        $reserve = ValueReader::volume($policy->at('reservePerEngine'));
        $roundTo = ValueReader::volume($policy->at('roundTo'));
        $percent = $policy->at('firstPourPercent')->int(1, 100);
        $prefers = $policy->at('prefersGrades')->strings();
        $schools = SchoolsReader::at($policy->at('schools'));
        $change = $policy->at('changeMin')->optionalInt(0, 30) ?? OrderPolicy::CHANGE_MIN;

        $answers = ShopAnswersReader::at($policy->at('answers'));

        return null === $reserve || null === $roundTo
            ? null
            : new OrderPolicy($percent, $reserve, $roundTo, $prefers, $schools, $change, $answers);
    }
}
