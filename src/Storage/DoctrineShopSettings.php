<?php

declare(strict_types=1);

namespace FreshTack\Storage;

use Doctrine\ORM\EntityManagerInterface;
use FreshTack\Core\ExpectedError;
use FreshTack\Core\Fluid\AirRange;
use FreshTack\Core\Fluid\SeasonTable;
use FreshTack\Core\Quantity\EngineHours;
use FreshTack\Core\Quantity\Temperature;
use FreshTack\Core\Reading\Cursor;
use FreshTack\Core\Schedule\DuePolicy;
use FreshTack\Exchange\Json;
use FreshTack\Shop\ShopSettings;
use FreshTack\Storage\Entity\ShopRecord;

final class DoctrineShopSettings implements ShopSettings
{
    private ?Cursor $settings = null;

    public function __construct(private readonly EntityManagerInterface $entities)
    {
    }

    public function name(): string
    {
        return $this->settings()->at('name')->string();
    }

    public function zone(): \DateTimeZone
    {
        return new \DateTimeZone($this->settings()->at('timeZone')->string());
    }

    public function currency(): string
    {
        return $this->settings()->at('currency')->string(3);
    }

    public function seasons(): SeasonTable
    {
        return $this->sound(function (): SeasonTable {
            $months = [];
            foreach ($this->settings()->at('airByMonth')->list(12, 12) as $index => $month) {
                $months[$index + 1] = AirRange::of(Temperature::ofCelsius($month->at('coldest')->int(-60, 60)), Temperature::ofCelsius($month->at('warmest')->int(-60, 60)));
            }

            return SeasonTable::of($months);
        });
    }

    public function duePolicy(): DuePolicy
    {
        $due = $this->settings()->at('due');

        return $this->sound(static fn (): DuePolicy => new DuePolicy(
            EngineHours::of($due->at('windowHours')->string()),
            $due->at('windowDays')->int(0, 365),
            EngineHours::of($due->at('graceHours')->string()),
            $due->at('graceDays')->int(0, 365),
        ));
    }

    public function orderPolicy(): array
    {
        $policy = $this->settings()->at('orderPolicy')->raw();

        return \is_array($policy) ? $policy : throw CorruptRecord::in('shop', '1', 'no order policy');
    }

    public function demoPassword(): ?string
    {
        return $this->settings()->at('demoPassword')->optionalString(80);
    }

    public function wrenches(): array
    {
        return $this->settings()->at('torqueWrenches')->strings();
    }

    private function settings(): Cursor
    {
        return $this->settings ??= $this->sound(fn (): Cursor => Cursor::over(Json::decode($this->entities->find(ShopRecord::class, 1)->document ?? throw CorruptRecord::in('shop', '1', 'the shop was never set up'))));
    }

    /**
     * @template T
     *
     * @param \Closure(): T $read
     *
     * @return T
     */
    private function sound(\Closure $read): mixed
    {
        try {
            return $read();
        } catch (ExpectedError $error) {
            throw CorruptRecord::in('shop', '1', $error->getMessage(), $error);
        }
    }
}
