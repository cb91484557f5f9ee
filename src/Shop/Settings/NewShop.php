<?php

declare(strict_types=1);

namespace FreshTack\Shop\Settings;

use FreshTack\Core\Reading\Cursor;

/** What a shop begins with: usual figures where something has to stand, nothing where it would be a guess. */
final readonly class NewShop
{
    private const DUE = ['windowHours' => '15', 'windowDays' => 30, 'graceHours' => '10', 'graceDays' => 30];
    /** Boats run all year, until somebody says how the season is. */
    private const USE_BY_MONTH = [100, 100, 100, 100, 100, 100, 100, 100, 100, 100, 100, 100];

    /** @return array<string, mixed> */
    public static function document(Premises $premises): array
    {
        $figures = array_column(array_map(
            static fn (Setting $setting): array => [$setting->value, $setting->standard()],
            Setting::cases(),
        ), 1, 0);

        return [
            'format' => 'fresh-tack/shop/1',
            ...$premises->toArray(),
            ...SettingsPart::Orders->read(Cursor::over([...$figures, 'prefersGrades' => []])),
            'due' => self::DUE,
            'useByMonth' => self::USE_BY_MONTH,
            'torqueWrenches' => [],
        ];
    }
}
