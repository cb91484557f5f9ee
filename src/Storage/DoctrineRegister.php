<?php

declare(strict_types=1);

namespace FreshTack\Storage;

use Doctrine\DBAL\ArrayParameterType;
use Doctrine\ORM\EntityManagerInterface;
use FreshTack\Core\Plan\Position;
use FreshTack\Core\SpecBook\Plate;
use FreshTack\Shop\Conflict;
use FreshTack\Shop\NotFound;
use FreshTack\Shop\Order\OrderStatus;
use FreshTack\Shop\Register\Boat;
use FreshTack\Shop\Register\Customer;
use FreshTack\Shop\Register\Engine;
use FreshTack\Shop\Register\Fitting;
use FreshTack\Shop\Register\Register;
use FreshTack\Storage\Entity\BoatRecord;
use FreshTack\Storage\Entity\CustomerRecord;
use FreshTack\Storage\Entity\EngineRecord;
use FreshTack\Storage\Entity\FittingRecord;
use FreshTack\Storage\Entity\OrderLineRecord;

final readonly class DoctrineRegister implements Register
{
    private const MOST_CUSTOMERS = 20;

    public function __construct(private EntityManagerInterface $entities, private SearchIndex $search)
    {
    }

    public function boat(int $id): Boat
    {
        return $this->withEngines([$this->boatRecord($id)])[0];
    }

    public function lock(?int ...$ids): void
    {
        // an update and no mere lock: on several nodes only what is written collides
        $this->entities->getConnection()->executeStatement(
            'UPDATE boat SET turn = turn + 1 WHERE id IN (?) ORDER BY id',
            [[0, ...array_filter($ids, is_int(...))]],
            [ArrayParameterType::INTEGER],
        );
    }

    public function boats(array $ids): array
    {
        $query = $this->entities->createQuery('SELECT b, c FROM '.BoatRecord::class.' b JOIN b.customer c WHERE b.id IN (:ids)')->setParameter('ids', $ids);
        /** @var list<BoatRecord> $records */
        $records = [] === $ids ? [] : $query->getResult();
        $found = [];
        foreach ($this->withEngines($records) as $boat) {
            $found[$boat->id] = $boat;
        }

        return array_values(array_filter(array_map(static fn (int $id): ?Boat => $found[$id] ?? null, $ids)));
    }

    public function boatsWith(array $engineIds): array
    {
        $ids = [] === $engineIds ? [] : $this->entities->getConnection()->fetchFirstColumn('SELECT DISTINCT boat_id FROM engine WHERE id IN (?) AND boat_id IS NOT NULL', [$engineIds], [ArrayParameterType::INTEGER]);
        $with = [];
        foreach ($this->boats(array_map(static fn (mixed $id): int => is_numeric($id) ? (int) $id : 0, $ids)) as $boat) {
            foreach ($boat->engines as $engine) {
                $with[$engine->id] = $boat;
            }
        }

        return array_intersect_key($with, array_flip($engineIds));
    }

    public function engine(int $id): Engine
    {
        return $this->engineRecord($id)->toShop();
    }

    public function customer(int $id): Customer
    {
        return $this->customerRecord($id)->toShop();
    }

    public function boatsAfter(string $name, int $id, int $most): array
    {
        $query = $this->entities->createQuery(
            'SELECT b, c FROM '.BoatRecord::class.' b JOIN b.customer c
             WHERE b.name > :name OR (b.name = :name AND b.id > :id) ORDER BY b.name, b.id',
        )->setParameter('name', $name)->setParameter('id', $id)->setMaxResults($most);
        /** @var list<BoatRecord> $records */
        $records = $query->getResult();

        return $this->withEngines($records);
    }

    public function boatsFrom(int $after, int $most): array
    {
        $query = $this->entities->createQuery('SELECT b, c FROM '.BoatRecord::class.' b JOIN b.customer c WHERE b.id > :after ORDER BY b.id')->setParameter('after', $after)->setMaxResults($most);
        /** @var list<BoatRecord> $records */
        $records = $query->getResult();

        return $this->withEngines($records);
    }

    public function boatsOf(int $customerId): array
    {
        return $this->withEngines($this->entities->getRepository(BoatRecord::class)->findBy(['customer' => $customerId], ['name' => 'ASC']));
    }

    public function inStore(): array
    {
        return array_map(static fn (EngineRecord $record): Engine => $record->toShop(), $this->entities->getRepository(EngineRecord::class)->findBy(['boat' => null], ['serial' => 'ASC']));
    }

    public function customersLike(string $text): array
    {
        $query = $this->entities->createQuery('SELECT c FROM '.CustomerRecord::class.' c WHERE c.name LIKE :start ORDER BY c.name')
            ->setParameter('start', addcslashes(trim($text), '%_\\').'%')->setMaxResults(self::MOST_CUSTOMERS);
        /** @var list<CustomerRecord> $records */
        $records = $query->getResult();

        return array_map(static fn (CustomerRecord $record): Customer => $record->toShop(), $records);
    }

    public function engineWith(string $serial): ?Engine
    {
        return $this->entities->getRepository(EngineRecord::class)->findOneBy(['serial' => $serial])?->toShop();
    }

    public function fittings(int $engineId): array
    {
        $records = $this->entities->getRepository(FittingRecord::class)->findBy(['engine' => $this->engineRecord($engineId)], ['fittedOn' => 'ASC', 'id' => 'ASC']);

        return array_map(static fn (FittingRecord $record): Fitting => new Fitting((int) $record->boat->id, $record->boat->name, Position::from($record->position), $record->fittedOn, $record->takenOffOn), $records);
    }

    public function addCustomer(Customer $customer): Customer
    {
        $record = new CustomerRecord($customer->name, $customer->email, $customer->phone);
        $this->entities->persist($record);
        $this->entities->flush();
        $this->search->customer($record->toShop());

        return $record->toShop();
    }

    public function changeCustomer(Customer $customer): Customer
    {
        $record = $this->customerRecord($customer->id);
        $this->checkVersion($record->version, $customer->version, 'This customer');
        $record->name = $customer->name;
        $record->email = $customer->email;
        $record->phone = $customer->phone;
        $this->entities->flush();
        $this->search->customer($record->toShop());
        array_map($this->search->boat(...), $this->boatsOf($customer->id));

        return $record->toShop();
    }

    public function addBoat(Boat $boat): Boat
    {
        $use = $boat->use;
        $record = new BoatRecord(
            $boat->name,
            $boat->kind,
            $boat->registration,
            $this->customerRecord($boat->owner->id),
            $use->water,
            $use->kept,
            $use->commercial,
            implode(',', $use->months),
            $use->idling,
            $use->silt,
            $use->sharedLockout,
        );
        $record->takeSeparators($use->separators);
        $this->entities->persist($record);

        return $this->found($record);
    }

    public function changeBoat(Boat $boat): Boat
    {
        $record = $this->boatRecord($boat->id);
        $this->checkVersion($record->version, $boat->version, 'This boat');
        $record->take($boat, $this->customerRecord($boat->owner->id));

        return $this->found($record);
    }

    public function addEngine(Engine $engine): Engine
    {
        $this->checkSerial($engine->serial, null);
        $record = new EngineRecord(null, null, $engine->model, $engine->serial, $engine->inService, $engine->hasMeter, $engine->year, $engine->gearcase, $engine->warrantyUntil);
        $this->entities->persist($record);
        $this->entities->flush();
        $this->search->engine($record->toShop());

        return $record->toShop();
    }

    public function changeEngine(Engine $engine): Engine
    {
        $record = $this->engineRecord($engine->id);
        $this->checkVersion($record->version, $engine->version, 'This engine');
        $this->checkSerial($engine->serial, $record);
        $record->take($engine);
        $this->findAgain($record);

        return $record->toShop();
    }

    public function identify(int $engineId, Plate $plate, bool $hasMeter): Engine
    {
        $record = $this->engineRecord($engineId);
        $engine = $record->toShop()->identifiedAs($plate, $hasMeter);
        if ([] !== $engine->differences($record->toShop())) {
            $this->checkSerial($plate->serial, $record);
            $record->take($engine);
            $this->findAgain($record);
        }

        return $engine;
    }

    public function takeOff(int $engineId, \DateTimeImmutable $on): void
    {
        $record = $this->engineRecord($engineId);
        $boat = $record->boat;
        foreach ($this->entities->getRepository(FittingRecord::class)->findBy(['engine' => $record, 'takenOffOn' => null]) as $fitting) {
            $fitting->takenOffOn = $on;
        }
        $record->boat = null;
        $record->position = null;
        $this->findAgain($record);
        if (null !== $boat) {
            $this->found($boat);
        }
    }

    public function hang(int $engineId, int $boatId, Position $position, \DateTimeImmutable $on): void
    {
        $record = $this->engineRecord($engineId);
        $boat = $this->boatRecord($boatId);
        $record->boat = $boat;
        $record->position = $position->value;
        $this->entities->persist(new FittingRecord($record, $boat, $position->value, $on));
        $this->findAgain($record);
    }

    public function hasCarried(int $boatId): bool
    {
        return null !== $this->entities->getRepository(FittingRecord::class)->findOneBy(['boat' => $boatId]);
    }

    public function isInOrders(int $engineId): bool
    {
        return null !== $this->entities->getRepository(OrderLineRecord::class)->findOneBy(['engine' => $engineId]);
    }

    public function removeBoat(int $id): void
    {
        $this->entities->remove($this->boatRecord($id));
        $this->entities->flush();
        $this->search->forget('boat', $id);
    }

    public function removeEngine(int $id): void
    {
        $record = $this->engineRecord($id);
        $boat = $record->boat;
        $this->entities->remove($record);
        $this->entities->flush();
        $this->search->forget('engine', $id);
        if (null !== $boat) {
            $this->found($boat);
        }
    }

    public function removeCustomer(int $id): void
    {
        $this->entities->remove($this->customerRecord($id));
        $this->entities->flush();
        $this->search->forget('customer', $id);
    }

    /** Writes it, and lets the search find what it says now. */
    private function found(BoatRecord $record): Boat
    {
        $this->entities->flush();
        $boat = $this->withEngines([$record])[0];
        $this->search->boat($boat);

        return $boat;
    }

    private function findAgain(EngineRecord $record): void
    {
        $this->entities->flush();
        $this->search->engine($record->toShop());
        if (null !== $record->boat) {
            $this->found($record->boat);
        }
    }

    /** @throws Conflict */
    private function checkVersion(int $now, int $known, string $what): void
    {
        if ($now !== $known) {
            throw Conflict::changedMeanwhile($what);
        }
    }

    /** @throws Conflict */
    private function checkSerial(string $serial, ?EngineRecord $own): void
    {
        $other = $this->entities->getRepository(EngineRecord::class)->findOneBy(['serial' => $serial]);
        if (null !== $other && $other !== $own) {
            throw Conflict::serialTaken($serial, $other->boat?->name);
        }
    }

    /** @throws NotFound */
    private function boatRecord(int $id): BoatRecord
    {
        return $this->entities->find(BoatRecord::class, $id) ?? throw NotFound::boat($id);
    }

    /** @throws NotFound */
    private function engineRecord(int $id): EngineRecord
    {
        return $this->entities->find(EngineRecord::class, $id) ?? throw NotFound::engine($id);
    }

    /** @throws NotFound */
    private function customerRecord(int $id): CustomerRecord
    {
        return $this->entities->find(CustomerRecord::class, $id) ?? throw NotFound::named('customer', (string) $id);
    }

    /**
     * @param list<BoatRecord> $records
     *
     * @return ($records is non-empty-list<BoatRecord> ? non-empty-list<Boat> : list<Boat>)
     */
    private function withEngines(array $records): array
    {
        $hung = [];
        foreach ([] === $records ? [] : $this->entities->getRepository(EngineRecord::class)->findBy(['boat' => $records]) as $engine) {
            $hung[(int) $engine->boat?->id][] = $engine;
        }

        $open = $this->openOrders(array_map(static fn (BoatRecord $record): int => (int) $record->id, $records));

        return array_map(
            static fn (BoatRecord $record): Boat => $record->toShop($hung[(int) $record->id] ?? [], $open[(int) $record->id] ?? null),
            $records,
        );
    }

    /**
     * @param list<int> $boatIds
     *
     * @return array<int, int> the newest open order, by boat
     */
    private function openOrders(array $boatIds): array
    {
        $open = array_filter(OrderStatus::cases(), static fn (OrderStatus $status): bool => $status->isOpen());
        $rows = [] === $boatIds ? [] : $this->entities->getConnection()->fetchAllAssociative(
            'SELECT boat_id, MAX(number) AS number FROM work_order WHERE boat_id IN (?) AND status IN (?) GROUP BY boat_id',
            [$boatIds, array_map(static fn (OrderStatus $status): string => $status->value, array_values($open))],
            [ArrayParameterType::INTEGER, ArrayParameterType::STRING],
        );

        return array_column(array_map(static fn (array $row): array => [Column::int($row, 'boat_id'), Column::int($row, 'number')], $rows), 1, 0);
    }
}
