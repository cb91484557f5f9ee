<?php

declare(strict_types=1);

namespace FreshTack\Shop\Settings;

use FreshTack\Shop\ShopSettings;

/** What of a shop is set up and what is not. Nothing has to be done in one go, or in this order. */
final readonly class ShowSetUp
{
    public function __construct(private ShopSettings $settings, private CountHoldings $count)
    {
    }

    /** @return list<SetUpPart> */
    public function __invoke(): array
    {
        $has = ($this->count)();

        return array_map(fn (SetUpTopic $topic): SetUpPart => $this->part($topic, $has), SetUpTopic::cases());
    }

    private function part(SetUpTopic $topic, Holdings $has): SetUpPart
    {
        return match ($topic) {
            SetUpTopic::Shop => new SetUpPart(
                $topic,
                $this->settings->premises()->name,
                null !== $this->settings->premises()->address,
            ),
            SetUpTopic::Hours => new SetUpPart(
                $topic,
                'when hands can work, and the days on which the shop is closed',
                null !== $this->settings->part(SettingsPart::Hours),
            ),
            SetUpTopic::Season => new SetUpPart(
                $topic,
                'the coldest and the warmest air of each month',
                null !== $this->settings->seasons(),
            ),
            SetUpTopic::People => self::counted($topic, $has->technicians, 'technician'),
            SetUpTopic::Reviewer => self::counted($topic, $has->reviewers, 'manager', least: 2),
            SetUpTopic::Parts => self::counted($topic, $has->parts, 'part'),
            SetUpTopic::Models => self::counted($topic, $has->models, 'model'),
            SetUpTopic::Sheets => self::counted($topic, $has->publishedSheets, 'published sheet'),
            SetUpTopic::Oils => self::counted($topic, $has->oils, 'row on the shelf', 'rows on the shelf'),
            SetUpTopic::Wrenches => self::counted($topic, \count($this->settings->torqueWrenches()), 'wrench', 'wrenches'),
            SetUpTopic::Boats => self::counted($topic, $has->boats, 'boat'),
            SetUpTopic::Waste => self::counted($topic, \count($this->settings->wasteContainers()), 'container'),
        };
    }

    private static function counted(SetUpTopic $topic, int $count, string $one, ?string $many = null, int $least = 1): SetUpPart
    {
        $told = \sprintf('%s %s', 0 === $count ? 'no' : (string) $count, 1 === $count ? $one : $many ?? $one.'s');

        return new SetUpPart($topic, $told, $count >= $least);
    }
}
