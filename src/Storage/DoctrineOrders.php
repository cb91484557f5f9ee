<?php

declare(strict_types=1);

namespace FreshTack\Storage;

use Doctrine\DBAL\LockMode;
use Doctrine\ORM\EntityManagerInterface;
use Doctrine\ORM\OptimisticLockException;
use FreshTack\Core\Bench\Outcome;
use FreshTack\Core\ExpectedError;
use FreshTack\Core\Order\OrderBuilder;
use FreshTack\Core\Reading\Cursor;
use FreshTack\Exchange\Json;
use FreshTack\Shop\Bench\StoredEntry;
use FreshTack\Shop\Bench\Tally;
use FreshTack\Shop\Conflict;
use FreshTack\Shop\NotFound;
use FreshTack\Shop\Order\Brought;
use FreshTack\Shop\Order\Closing;
use FreshTack\Shop\Order\Draft;
use FreshTack\Shop\Order\FrozenOrder;
use FreshTack\Shop\Order\OrderFile;
use FreshTack\Shop\Order\Orders;
use FreshTack\Shop\Order\OrderStatus;
use FreshTack\Storage\Chain\OrderSeals;
use FreshTack\Storage\Entity\BenchEntryRecord;
use FreshTack\Storage\Entity\BoatRecord;
use FreshTack\Storage\Entity\EngineRecord;
use FreshTack\Storage\Entity\OrderLineRecord;
use FreshTack\Storage\Entity\OrderRecord;

final readonly class DoctrineOrders implements Orders
{
    public function __construct(private EntityManagerInterface $entities, private OrderSeals $seals)
    {
    }

    public function open(int $boatId, Draft $draft, Brought $brought, string $by, \DateTimeImmutable $at): OrderFile
    {
        $boat = $this->entities->find(BoatRecord::class, $boatId) ?? throw CorruptRecord::in('boat', (string) $boatId, 'it is gone');
        $record = new OrderRecord($boat, OrderStatus::Draft->value, OrderFiles::draft($draft), $by, $at);
        $record->brought = Json::encode($brought->toArray());
        $this->entities->persist($record);
        $this->entities->flush();

        return OrderFiles::of($record);
    }

    public function brought(int $number): Brought
    {
        $text = $this->record($number)->brought;
        try {
            $brought = Cursor::over(null === $text ? [] : Json::decode($text));
            $read = null === $text ? new Brought() : Brought::stored($brought);
            $brought->flaws->throwIfAny();

            return $read;
        } catch (ExpectedError $error) {
            throw CorruptRecord::in('work_order', (string) $number, $error->getMessage(), $error);
        }
    }

    public function close(int $number, int $version, OrderStatus $to, Closing $closing): OrderFile
    {
        $record = $this->lock($number, $version);
        $record->status = $to->value;
        $record->closedAt = $closing->at;
        $record->closedBy = $closing->by;
        $record->closedWhy = $closing->why;
        $this->entities->flush();

        return OrderFiles::of($record);
    }

    public function reopen(int $number, OrderStatus $to): OrderFile
    {
        $record = $this->record($number);
        $record->status = $to->value;
        $record->closedAt = $record->closedBy = $record->closedWhy = null;
        $this->entities->flush();

        return OrderFiles::of($record);
    }

    public function get(int $number): OrderFile
    {
        return OrderFiles::of($this->record($number));
    }

    public function getForWork(int $number): OrderFile
    {
        return OrderFiles::of($this->entities->find(OrderRecord::class, $number, LockMode::PESSIMISTIC_WRITE) ?? throw NotFound::order($number));
    }

    public function drafts(): array
    {
        return array_map(OrderFiles::of(...), $this->entities->getRepository(OrderRecord::class)->findBy(['status' => OrderStatus::Draft->value], ['number' => 'DESC']));
    }

    public function untallied(): array
    {
        return array_map(OrderFiles::of(...), $this->entities->getRepository(OrderRecord::class)->findBy(['status' => self::underWorkStatuses(), 'steps' => null], ['number' => 'ASC']));
    }

    public function underWork(): array
    {
        return array_map(OrderFiles::of(...), $this->entities->getRepository(OrderRecord::class)->findBy(['status' => self::underWorkStatuses()], ['number' => 'ASC']));
    }

    /** @return list<string> */
    private static function underWorkStatuses(): array
    {
        return array_map(static fn (OrderStatus $status): string => $status->value, OrderStatus::underWork());
    }

    public function openOf(int $boatId): array
    {
        return array_values(array_filter(
            $this->ofBoat($boatId),
            static fn (OrderFile $file): bool => $file->status->isOpen(),
        ));
    }

    public function ofBoat(int $boatId): array
    {
        return array_map(OrderFiles::of(...), $this->entities->getRepository(OrderRecord::class)->findBy(['boat' => $boatId], ['number' => 'DESC']));
    }

    public function saveDraft(int $number, int $version, Draft $draft): OrderFile
    {
        $record = $this->lock($number, $version);
        $record->draft = OrderFiles::draft($draft);
        $this->entities->flush();

        return OrderFiles::of($record);
    }

    public function freeze(int $number, int $version, FrozenOrder $frozen, string $by, \DateTimeImmutable $at): OrderFile
    {
        $record = $this->lock($number, $version);
        $record->status = OrderStatus::Issued->value;
        $this->keep($record, $frozen, $by, $at);

        return OrderFiles::of($record);
    }

    public function refreeze(int $number, FrozenOrder $frozen, string $by, \DateTimeImmutable $at): OrderFile
    {
        $record = $this->record($number);
        $this->entities->createQuery('DELETE FROM '.OrderLineRecord::class.' l WHERE l.workOrder = :order')->execute(['order' => $number]);
        $this->keep($record, $frozen, $by, $at);

        return OrderFiles::of($record);
    }

    private function keep(OrderRecord $record, FrozenOrder $frozen, string $by, \DateTimeImmutable $at): void
    {
        $record->request = $frozen->request;
        $record->document = $frozen->document;
        $record->documentSha256 = hash('sha256', $frozen->document);
        $record->engineVersion = OrderBuilder::VERSION;
        $record->issuedBy = $by;
        $record->issuedAt = $at;
        $record->readyBy = $frozen->readyBy?->setTimezone(new \DateTimeZone('UTC'));
        $record->documentSeal = $this->seals->document($record);
        $decoded = $this->decoded($frozen->document);
        $record->steps = array_sum(array_map(static fn (Cursor $operation): int => \count($operation->at('steps')->list()), $decoded->at('operations')->list()));
        $record->stepsDone = 0;
        $this->addLines($record, $decoded);
        $this->entities->flush();
    }

    public function setProgress(int $number, OrderStatus $status, Tally $tally): void
    {
        $record = $this->record($number);
        $record->status = $status->value;
        $record->steps = $tally->steps;
        $record->stepsDone = $tally->stepsDone;
        $record->stoppedBy = $tally->stoppedBy;
        $this->entities->flush();
    }

    public function release(int $number, int $version, string $record, array $outcomes, string $by, \DateTimeImmutable $at): OrderFile
    {
        $order = $this->lock($number, $version);
        $order->status = OrderStatus::Released->value;
        $order->record = $record;
        $order->releasedBy = $by;
        $order->releasedAt = $at;
        $order->recordSeal = $this->seals->record($order);
        $ended = [];
        foreach ($outcomes as $outcome) {
            $ended[$outcome->task->position->value][$outcome->task->task->value] = $outcome->outcome->value;
        }
        foreach ($this->entities->getRepository(OrderLineRecord::class)->findBy(['workOrder' => $number, 'status' => 'issued']) as $line) {
            $line->status = $ended[$line->engine->position][$line->task] ?? Outcome::Open->value;
        }
        $this->entities->flush();

        return OrderFiles::of($order);
    }

    public function request(int $number): ?array
    {
        $text = $this->record($number)->request;

        return null === $text ? null : StoredJson::map($text, 'work_order', (string) $number);
    }

    public function entries(int $number): array
    {
        return array_map(OrderFiles::entry(...), $this->entities->getRepository(BenchEntryRecord::class)->findBy(['workOrder' => $number], ['sequence' => 'ASC']));
    }

    public function knowsEntry(string $uuid): bool
    {
        return null !== $this->entities->getRepository(BenchEntryRecord::class)->findOneBy(['uuid' => $uuid]);
    }

    public function addEntry(int $number, StoredEntry $entry): void
    {
        $this->record($number);
        $this->seals->entry($number, $entry);
    }

    /** @throws NotFound */
    private function record(int $number): OrderRecord
    {
        return $this->entities->find(OrderRecord::class, $number) ?? throw NotFound::order($number);
    }

    /** @throws NotFound|Conflict if the version is not the current one */
    private function lock(int $number, int $version): OrderRecord
    {
        $record = $this->record($number);

        try {
            $this->entities->lock($record, LockMode::OPTIMISTIC, $version);
        } catch (OptimisticLockException) {
            throw Conflict::changedMeanwhile('Order '.$number);
        }

        return $record;
    }

    private function addLines(OrderRecord $record, Cursor $document): void
    {
        $engines = [];
        foreach ($this->entities->getRepository(EngineRecord::class)->findBy(['boat' => $record->boat]) as $engine) {
            $engines[$engine->position] = $engine;
        }
        foreach ($document->at('engines')->list() as $engine) {
            $hung = $engines[$engine->at('position')->string()] ?? throw CorruptRecord::in('work_order', (string) $record->number, 'its engine is gone');
            foreach ($engine->at('tasks')->list() as $task) {
                $this->entities->persist(new OrderLineRecord($record, $hung, $task->at('task')->string(), 'issued', $task->at('why')->string()));
            }
            foreach ($engine->at('blocked')->list() as $task) {
                $this->entities->persist(new OrderLineRecord($record, $hung, $task->at('task')->string(), 'parked', $task->at('reason')->string()));
            }
        }
    }

    private function decoded(string $document): Cursor
    {
        try {
            return Cursor::over(Json::decode($document));
        } catch (ExpectedError $error) {
            throw new \LogicException('An order that was just written can\'t be read.', 0, $error);
        }
    }
}
