<?php

declare(strict_types=1);

namespace FreshTack\Web\View;

use FreshTack\Shop\Order\Readiness;

final readonly class ReadinessView
{
    /** @return array<string, mixed> */
    public static function of(Readiness $ready): array
    {
        return [
            'readyBy' => $ready->planned->at?->format(\DATE_ATOM),
            'readyWhy' => $ready->planned->reasons,
            'readyIfNeeded' => null === $ready->ifNeeded ? null : [
                'parts' => $ready->perhaps,
                'at' => $ready->ifNeeded->at?->format(\DATE_ATOM),
                'why' => $ready->ifNeeded->reasons,
            ],
        ];
    }

    /** @return array<string, mixed> of an order without work */
    public static function none(): array
    {
        return ['readyBy' => null, 'readyWhy' => [], 'readyIfNeeded' => null];
    }
}
