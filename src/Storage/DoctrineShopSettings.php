<?php

declare(strict_types=1);

namespace FreshTack\Storage;

use Doctrine\ORM\EntityManagerInterface;
use FreshTack\Core\Bench\WasteKind;
use FreshTack\Core\ExpectedError;
use FreshTack\Core\Fastening\WrenchReader;
use FreshTack\Core\Finding\ShopAnswers;
use FreshTack\Core\Fluid\AirRange;
use FreshTack\Core\Fluid\SeasonTable;
use FreshTack\Core\Order\OrderPolicy;
use FreshTack\Core\Order\OrderPolicyReader;
use FreshTack\Core\Order\Place;
use FreshTack\Core\Plan\WorkingHours;
use FreshTack\Core\Plan\WorkingHoursReader;
use FreshTack\Core\Policy\Schools;
use FreshTack\Core\Policy\SchoolsReader;
use FreshTack\Core\Quantity\EngineHours;
use FreshTack\Core\Quantity\Temperature;
use FreshTack\Core\Reading\Cursor;
use FreshTack\Core\Reading\InvalidDocument;
use FreshTack\Core\Schedule\DuePolicy;
use FreshTack\Exchange\Json;
use FreshTack\Shop\Conflict;
use FreshTack\Shop\NoShop;
use FreshTack\Shop\Settings\Premises;
use FreshTack\Shop\Settings\SeasonReader;
use FreshTack\Shop\Settings\SettingsPart;
use FreshTack\Shop\ShopSettings;
use FreshTack\Storage\Entity\ShopRecord;

/** Read once a request, or once a message of the background. */
final class DoctrineShopSettings implements ShopSettings, RequestMemory
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

    public function premises(): Premises
    {
        return Premises::at($this->alone());
    }

    public function part(SettingsPart $part): ?array
    {
        return $part->of($this->alone());
    }

    public function changePart(array $kept, int $version): void
    {
        $policy = $kept['orderPolicy'] ?? null;
        if (\is_array($policy)) {
            $this->changePolicy($policy, $version);
        } else {
            $this->change($kept, $version);
        }
    }

    public function places(): array
    {
        $chosen = array_filter(array_map(
            static fn (mixed $place): ?Place => \is_string($place) ? Place::tryFrom($place) : null,
            $this->part(SettingsPart::Places) ?? [],
        ));

        return [] === $chosen ? Place::cases() : array_values($chosen);
    }

    public function seasons(): ?SeasonTable
    {
        return $this->sound(function (): ?SeasonTable {
            $months = SeasonReader::at($this->settings()->at('airByMonth'));
            $ranges = array_map(static fn (array $month): AirRange => AirRange::of(
                Temperature::ofCelsius($month['coldest']),
                Temperature::ofCelsius($month['warmest']),
            ), $months ?? []);

            return null === $months ? null : SeasonTable::of(array_combine(range(1, \count($ranges)), $ranges));
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

    public function useByMonth(): array
    {
        $months = $this->settings()->at('useByMonth')->list(12, 12);

        return array_combine(range(1, 12), array_map(static fn (Cursor $month): int => $month->int(0, 100), $months));
    }

    public function version(): int
    {
        return $this->record()->version;
    }

    public function changeDue(DuePolicy $policy, array $useByMonth, int $version): void
    {
        $due = ['windowHours' => $policy->windowHours->text(), 'windowDays' => $policy->windowDays, 'graceHours' => $policy->graceHours->text(), 'graceDays' => $policy->graceDays];
        $this->change(['due' => $due, 'useByMonth' => array_values($useByMonth)], $version);
    }

    public function schools(): Schools
    {
        return $this->sound(function (): Schools {
            $answers = $this->settings()->at('orderPolicy')->at('schools');
            $schools = SchoolsReader::at($answers);
            $answers->flaws->throwIfAny();

            return $schools;
        });
    }

    public function changeSchools(Schools $schools, int $version): void
    {
        $this->changePolicy(['schools' => $schools->toArray()], $version);
    }

    public function answers(): ShopAnswers
    {
        return $this->orderPolicy()->answers;
    }

    public function changeAnswers(ShopAnswers $answers, int $version): void
    {
        $this->changePolicy(['answers' => $answers->toArray()], $version);
    }

    public function workingHours(): WorkingHours
    {
        $days = $this->settings()->at('workingHours');
        if ($days->isNull()) {
            return WorkingHours::usual();
        }

        return WorkingHoursReader::at($days, $this->settings()->at('closedDays'));
    }

    public function orderPolicy(): OrderPolicy
    {
        return $this->sound(function (): OrderPolicy {
            $at = $this->settings()->at('orderPolicy');
            $policy = OrderPolicyReader::at($at);
            $at->flaws->throwIfAny();

            return $policy ?? throw InvalidDocument::at('/orderPolicy', 'It can\'t be read.');
        });
    }

    public function demoPassword(): ?string
    {
        return $this->settings()->at('demoPassword')->optionalString(80);
    }

    public function wasteContainers(): array
    {
        $at = $this->settings()->at('wasteContainers');
        $containers = [];
        foreach ($at->isNull() ? [] : WasteKind::cases() as $kind) {
            $name = $at->at($kind->value)->optionalString(80);
            $containers = null === $name ? $containers : [...$containers, $kind->value => $name];
        }

        return $containers;
    }

    public function demoPin(): ?string
    {
        return $this->settings()->at('demoPin')->optionalString(4);
    }

    public function torqueWrenches(): array
    {
        return $this->sound(function (): array {
            $all = $this->settings()->at('torqueWrenches');
            $wrenches = array_values(array_filter(array_map(WrenchReader::at(...), $all->list())));
            $all->flaws->throwIfAny();

            return $wrenches;
        });
    }

    public function reset(): void
    {
        $this->settings = null;
    }

    /**
     * @param array<array-key, mixed> $part
     *
     * @throws Conflict
     */
    private function changePolicy(array $part, int $version): void
    {
        $policy = $this->settings()->at('orderPolicy')->raw();
        \is_array($policy) || throw CorruptRecord::in('shop', '1', 'no order policy');
        $this->change(['orderPolicy' => [...$policy, ...$part]], $version);
    }

    /**
     * @param array<string, mixed> $settings
     *
     * @throws Conflict
     */
    private function change(array $settings, int $version): void
    {
        $record = $this->record();
        if ($record->version !== $version) {
            throw Conflict::changedMeanwhile('The policy');
        }
        $record->document = Json::encode([...StoredJson::map($record->document, 'shop', '1'), ...$settings]);
        $this->entities->flush();
        $this->settings = null;
    }

    /** With flaws of its own: what one part says wrong does not stand in the way of another. */
    private function alone(): Cursor
    {
        return Cursor::over($this->settings()->raw());
    }

    private function settings(): Cursor
    {
        return $this->settings ??= $this->sound(fn (): Cursor => Cursor::over(Json::decode($this->record()->document)));
    }

    private function record(): ShopRecord
    {
        return $this->entities->find(ShopRecord::class, 1) ?? throw new NoShop();
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
