<?php

declare(strict_types=1);

namespace FreshTack\Shop;

use FreshTack\Core\Fastening\TorqueWrench;
use FreshTack\Core\Finding\ShopAnswers;
use FreshTack\Core\Fluid\SeasonTable;
use FreshTack\Core\Order\OrderPolicy;
use FreshTack\Core\Order\Place;
use FreshTack\Core\Plan\WorkingHours;
use FreshTack\Core\Policy\Schools;
use FreshTack\Core\Schedule\DuePolicy;
use FreshTack\Shop\Settings\Premises;
use FreshTack\Shop\Settings\SettingsPart;

/** Whatever is asked of a shop that nobody has opened yet throws a `NoShop`. */
interface ShopSettings
{
    public function name(): string;

    public function premises(): Premises;

    /** @return array<mixed>|null null: nobody has set it */
    public function part(SettingsPart $part): ?array;

    /**
     * @param array<string, mixed> $kept as the part has read it
     *
     * @throws Conflict if the version is not the current one
     */
    public function changePart(array $kept, int $version): void;

    public function zone(): \DateTimeZone;

    public function currency(): string;

    /** Null: nobody has entered it. */
    public function seasons(): ?SeasonTable;

    public function duePolicy(): DuePolicy;

    /** @return array<int, int> how much of the use falls on each month, 0 to 100, by month 1 to 12 */
    public function useByMonth(): array;

    /** Of the settings, for whoever changes them. */
    public function version(): int;

    /**
     * @param array<int, int> $useByMonth
     *
     * @throws Conflict if the version is not the current one
     */
    public function changeDue(DuePolicy $policy, array $useByMonth, int $version): void;

    /** @return non-empty-list<Place> where the shop works, the usual one first */
    public function places(): array;

    /** What the shop answers where practitioners disagree. */
    public function schools(): Schools;

    /** @throws Conflict if the version is not the current one */
    public function changeSchools(Schools $schools, int $version): void;

    /** What the shop adds to the table of the trade of what may be seen. */
    public function answers(): ShopAnswers;

    /** @throws Conflict if the version is not the current one */
    public function changeAnswers(ShopAnswers $answers, int $version): void;

    public function workingHours(): WorkingHours;

    /** The schools of the shop, and the figures that orders are made with. */
    public function orderPolicy(): OrderPolicy;

    /** The password of the demo accounts; null in a shop that is no demo. */
    public function demoPassword(): ?string;

    /** @return array<string, string> where what usually goes, by kind of waste; nothing: the shop has not said */
    public function wasteContainers(): array;

    /** The four digits of the demo accounts; null in a shop that is no demo. */
    public function demoPin(): ?string;

    /** @return list<TorqueWrench> the shop's */
    public function torqueWrenches(): array;
}
