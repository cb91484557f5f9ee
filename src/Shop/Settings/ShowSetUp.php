<?php

declare(strict_types=1);

namespace FreshTack\Shop\Settings;

use FreshTack\Shop\ShopSettings;

/** What of a shop is set up, what is not, and what does not work without it. Nothing has to be done in this order. */
final readonly class ShowSetUp
{
    public function __construct(private ShopSettings $settings, private CountHoldings $count)
    {
    }

    /** @return list<SetUpPart> */
    public function __invoke(): array
    {
        $has = ($this->count)();
        $premises = $this->settings->premises();
        $wrenches = \count($this->settings->torqueWrenches());
        $waste = \count($this->settings->wasteContainers());

        return [
            self::part('shop', 'Name and address', $premises->name, null !== $premises->address, 'The owner\'s record does not say where to find you.', '/shop'),
            self::part(
                'hours',
                'Working hours',
                'when hands can work, and the days on which the shop is closed',
                null !== $this->settings->part(SettingsPart::Hours),
                'Ready times count Monday to Friday, 08:00 to 17:00.',
                '/shop/hours',
            ),
            self::part(
                'season',
                'The season',
                'the coldest and the warmest air of each month',
                null !== $this->settings->seasons(),
                'Every check-in asks for the air anew, and the grade of oil hangs on it.',
                '/shop/hours',
            ),
            self::part('people', 'People', self::counted($has->technicians, 'technician'), $has->technicians > 0, 'Nobody but you can work at the bench.', '/shop/people'),
            self::part('reviewer', 'A second manager', self::counted($has->reviewers, 'manager'), $has->reviewers > 1, 'Nobody can review the sheets that you write: they stay drafts.', '/shop/people'),
            self::part('parts', 'Parts and stock', self::counted($has->parts, 'part'), $has->parts > 0, 'No sheet can be taken in that names a part: its number has to be known here first.', '/parts/catalogue'),
            self::part('models', 'Models', self::counted($has->models, 'model'), $has->models > 0, 'No engine is known by its plate.', '/book/files'),
            self::part('sheets', 'Spec sheets', self::counted($has->publishedSheets, 'published sheet'), $has->publishedSheets > 0, 'No order can be issued: nothing is known of any engine.', '/book/files'),
            self::part('oils', 'Oils and containers', self::counted($has->oils, 'kind of container', 'kinds of container'), $has->oils > 0, 'No order says which oil to take: its oil change can\'t be issued.', '/shop/oils'),
            self::part('wrenches', 'Torque wrenches', self::counted($wrenches, 'wrench', 'wrenches'), $wrenches > 0, 'No order names a wrench, and every tightening asks which one it was.', '/shop/wrenches'),
            self::part('boats', 'Boats and engines', self::counted($has->boats, 'boat'), $has->boats > 0, 'There is nothing to check in.', '/shop/boats'),
            self::part('waste', 'Waste containers', self::counted($waste, 'container'), $waste > 0, 'At the close of an order somebody has to write where the waste went.', '/shop'),
        ];
    }

    private static function part(string $key, string $name, string $told, bool $isDone, string $blocks, string $to): SetUpPart
    {
        return new SetUpPart($key, $name, $told, $isDone ? null : $blocks, $to);
    }

    private static function counted(int $count, string $one, ?string $many = null): string
    {
        return \sprintf('%s %s', 0 === $count ? 'no' : (string) $count, 1 === $count ? $one : $many ?? $one.'s');
    }
}
