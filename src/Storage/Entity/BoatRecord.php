<?php

declare(strict_types=1);

namespace FreshTack\Storage\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use FreshTack\Core\Quantity\EngineHours;
use FreshTack\Core\Quantity\InvalidQuantity;
use FreshTack\Core\Reading\Width;
use FreshTack\Core\Schedule\InvalidSchedule;
use FreshTack\Core\Schedule\Limit;
use FreshTack\Core\SpecBook\BoatSeparators;
use FreshTack\Core\SpecBook\SeparatorCount;
use FreshTack\Shop\Register\Boat;
use FreshTack\Shop\Register\BoatUse;
use FreshTack\Shop\Register\Engine;
use FreshTack\Storage\CorruptRecord;

#[ORM\Entity]
#[ORM\Table(name: 'boat')]
#[ORM\Index(name: 'boats_by_name', columns: ['name', 'id'])]
class BoatRecord
{
    public function __construct(
        #[ORM\Column(length: Width::BOAT_NAME)] public string $name,
        #[ORM\Column(length: Width::BOAT_KIND)] public string $kind,
        #[ORM\Column(length: Width::REGISTRATION)] public string $registration,
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false)] public CustomerRecord $customer,
        #[ORM\Column(length: 10)] public string $water,
        #[ORM\Column(length: 10)] public string $kept,
        #[ORM\Column] public bool $commercial,
        #[ORM\Column(length: 40)] public string $monthsUsed,
        #[ORM\Column(options: ['default' => false])] public bool $idling = false,
        #[ORM\Column(options: ['default' => false])] public bool $silt = false,
        #[ORM\Column(options: ['default' => false, 'comment' => 'keys, lanyards or batteries serve more than one engine'])]
        public bool $sharedLockout = false,
        #[ORM\Column(length: 10, enumType: SeparatorCount::class, options: ['default' => 'unknown', 'comment' => 'fuel separators between tank and engines'])]
        public SeparatorCount $separators = SeparatorCount::Unknown,
        #[ORM\Column(length: Width::PART_NUMBER, nullable: true, options: ['comment' => 'part number of the separator\'s element'])]
        public ?string $separatorElement = null,
        #[ORM\Column(nullable: true, options: ['unsigned' => true, 'comment' => 'tenths of an engine hour between two elements'])]
        public ?int $separatorEveryTenths = null,
        #[ORM\Column(nullable: true, options: ['unsigned' => true, 'comment' => 'months between two elements'])]
        public ?int $separatorEveryMonths = null,
        #[ORM\Column(options: ['unsigned' => true, 'default' => 0, 'comment' => 'one more with every unit of work that decided by it'])]
        public int $turn = 0,
        #[ORM\Id, ORM\GeneratedValue, ORM\Column(options: ['unsigned' => true])] public ?int $id = null,
        #[ORM\Version, ORM\Column(type: Types::INTEGER, options: ['unsigned' => true])] public int $version = 1,
    ) {
    }

    public function take(Boat $boat, CustomerRecord $customer): void
    {
        $this->name = $boat->name;
        $this->kind = $boat->kind;
        $this->registration = $boat->registration;
        $this->customer = $customer;
        $this->water = $boat->use->water;
        $this->kept = $boat->use->kept;
        $this->commercial = $boat->use->commercial;
        $this->monthsUsed = implode(',', $boat->use->months);
        $this->idling = $boat->use->idling;
        $this->silt = $boat->use->silt;
        $this->sharedLockout = $boat->use->sharedLockout;
        $this->takeSeparators($boat->use->separators);
    }

    public function takeSeparators(BoatSeparators $separators): void
    {
        $this->separators = $separators->count;
        $this->separatorElement = $separators->element;
        $this->separatorEveryTenths = $separators->every?->hours?->tenths;
        $this->separatorEveryMonths = $separators->every?->months;
    }

    private function boatSeparators(): BoatSeparators
    {
        if (!$this->separators->isFitted()) {
            return new BoatSeparators($this->separators);
        }
        try {
            $hours = null === $this->separatorEveryTenths ? null : EngineHours::ofTenths($this->separatorEveryTenths);

            return new BoatSeparators($this->separators, $this->separatorElement, Limit::of($hours, $this->separatorEveryMonths));
        } catch (InvalidQuantity|InvalidSchedule $error) {
            throw CorruptRecord::in('boat', (string) $this->id, $error->getMessage(), $error);
        }
    }

    /** @param list<EngineRecord> $engines */
    public function toShop(array $engines, ?int $openOrder = null): Boat
    {
        $months = array_map(intval(...), explode(',', $this->monthsUsed));
        $water = \in_array($this->water, ['salt', 'brackish', 'fresh'], true) ? $this->water : throw CorruptRecord::in('boat', (string) $this->id, $this->water);
        $kept = \in_array($this->kept, ['moored', 'trailered'], true) ? $this->kept : throw CorruptRecord::in('boat', (string) $this->id, $this->kept);
        $hung = array_map(static fn (EngineRecord $engine): Engine => $engine->toShop(), $engines);
        usort($hung, static fn (Engine $a, Engine $b): int => $a->position?->rank() <=> $b->position?->rank());

        return new Boat(
            (int) $this->id,
            $this->name,
            $this->kind,
            $this->registration,
            $this->customer->toShop(),
            new BoatUse($water, $kept, $this->commercial, $months, $this->idling, $this->silt, $this->sharedLockout, $this->boatSeparators()),
            $hung,
            $this->version,
            $openOrder,
        );
    }
}
