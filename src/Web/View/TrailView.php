<?php

declare(strict_types=1);

namespace FreshTack\Web\View;

use FreshTack\Shop\Audit\TrailLine;
use FreshTack\Shop\Settings\Setting;

/** Who changed what, with what stood there before where a line of words can say it. */
final readonly class TrailView
{
    private const OF_THE_SHOP = [
        'name' => 'Name', 'address' => 'Address', 'phone' => 'Telephone', 'email' => 'E-mail', 'country' => 'Country',
        'timeZone' => 'Time zone', 'currency' => 'Currency', 'paper' => 'Paper',
    ];

    /** @return array<string, mixed> */
    public static function of(TrailLine $line): array
    {
        return [
            'at' => $line->at->format(\DATE_ATOM),
            'by' => $line->by,
            'action' => $line->action,
            'subject' => $line->subject,
            'changes' => self::changes($line->detail),
        ];
    }

    /**
     * @param array<mixed> $detail
     *
     * @return list<array{label: string, before: string, after: string}>
     */
    private static function changes(array $detail): array
    {
        $before = \is_array($detail['before'] ?? null) ? $detail['before'] : [];
        $after = \is_array($detail['after'] ?? null) ? $detail['after'] : [];
        $changes = [];
        foreach ($after as $key => $value) {
            $setting = Setting::tryFrom((string) $key);
            $label = $setting?->label() ?? self::OF_THE_SHOP[$key] ?? null;
            $was = $before[$key] ?? null;
            if (null !== $label && $was !== $value) {
                $changes[] = ['label' => $label, 'before' => self::words($was, $setting), 'after' => self::words($value, $setting)];
            }
        }

        return $changes;
    }

    /** The figure with its unit; nothing where nothing stood. */
    private static function words(mixed $value, ?Setting $setting): string
    {
        $text = \is_scalar($value) ? trim((string) $value) : '';

        return '' === $text || null === $setting ? $text : $text.' '.$setting->unit();
    }
}
