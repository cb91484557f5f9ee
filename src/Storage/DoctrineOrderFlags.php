<?php

declare(strict_types=1);

namespace FreshTack\Storage;

use Doctrine\DBAL\LockMode;
use Doctrine\ORM\EntityManagerInterface;
use FreshTack\Core\Reading\Cursor;
use FreshTack\Exchange\Json;
use FreshTack\Shop\Book\OrderFlag;
use FreshTack\Shop\Book\OrderFlags;
use FreshTack\Shop\Conflict;
use FreshTack\Shop\NotFound;
use FreshTack\Storage\Entity\OrderFlagRecord;
use FreshTack\Storage\Entity\OrderRecord;

final readonly class DoctrineOrderFlags implements OrderFlags
{
    public function __construct(private EntityManagerInterface $entities)
    {
    }

    public function raise(OrderFlag $flag): OrderFlag
    {
        foreach ($this->entities->getRepository(OrderFlagRecord::class)->findBy(['orderNumber' => $flag->orderNumber, 'position' => $flag->position, 'sheetId' => $flag->sheetId, 'decision' => null]) as $older) {
            $this->entities->remove($older);
        }
        $record = new OrderFlagRecord(
            $flag->orderNumber,
            $flag->position,
            $flag->sheetId,
            $flag->fromRevision,
            $flag->toRevision,
            Json::encode($flag->differences),
            $flag->raisedAt,
        );
        $this->entities->persist($record);
        $this->entities->flush();

        return $this->flag($record);
    }

    public function waiting(): array
    {
        /** @var list<OrderFlagRecord> $records */
        $records = $this->entities->createQuery(
            'SELECT f FROM '.OrderFlagRecord::class.' f JOIN '.OrderRecord::class." o WITH o.number = f.orderNumber
             WHERE f.decision IS NULL AND o.status <> 'cancelled' ORDER BY f.orderNumber, f.id",
        )->getResult();

        return array_map($this->flag(...), $records);
    }

    public function ofOrder(int $number): array
    {
        return array_map($this->flag(...), $this->entities->getRepository(OrderFlagRecord::class)->findBy(['orderNumber' => $number, 'decision' => null], ['id' => 'ASC']));
    }

    public function get(int $id): OrderFlag
    {
        return $this->flag($this->record($id));
    }

    public function getToDecide(int $id): OrderFlag
    {
        $record = $this->entities->find(
            OrderFlagRecord::class,
            $id,
            LockMode::PESSIMISTIC_WRITE,
        ) ?? throw NotFound::named('flag', (string) $id);

        return null === $record->decision
            ? $this->flag($record)
            : throw Conflict::alreadyDecided('This difference', $record->decision, $record->decidedBy ?? '');
    }

    public function decide(int $id, string $decision, string $reason, string $by, \DateTimeImmutable $at): void
    {
        $record = $this->record($id);
        $record->decision = $decision;
        $record->reason = $reason;
        $record->decidedBy = $by;
        $record->decidedAt = $at;
        $this->entities->flush();
    }

    /** @throws NotFound */
    private function record(int $id): OrderFlagRecord
    {
        return $this->entities->find(OrderFlagRecord::class, $id) ?? throw NotFound::named('flag', (string) $id);
    }

    private function flag(OrderFlagRecord $record): OrderFlag
    {
        $differences = array_map(static fn (Cursor $each): array => [
            'path' => $each->at('path')->string(),
            'label' => $each->at('label')->string(),
            'before' => $each->at('before')->optionalString() ?? '',
            'after' => $each->at('after')->optionalString() ?? '',
        ], Cursor::over(StoredJson::map($record->differences, 'order_flag', (string) $record->id))->list());

        return new OrderFlag(
            (int) $record->id,
            $record->orderNumber,
            $record->position,
            $record->sheetId,
            $record->fromRevision,
            $record->toRevision,
            $differences,
            $record->raisedAt,
        );
    }
}
