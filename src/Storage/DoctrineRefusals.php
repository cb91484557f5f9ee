<?php

declare(strict_types=1);

namespace FreshTack\Storage;

use Doctrine\DBAL\LockMode;
use Doctrine\ORM\EntityManagerInterface;
use FreshTack\Core\SpecBook\SheetRefusal;
use FreshTack\Shop\Book\Refusals;
use FreshTack\Shop\Book\WaitingRefusal;
use FreshTack\Shop\Conflict;
use FreshTack\Shop\NotFound;
use FreshTack\Storage\Entity\BoatRecord;
use FreshTack\Storage\Entity\RefusalRecord;

final readonly class DoctrineRefusals implements Refusals
{
    public function __construct(private EntityManagerInterface $entities)
    {
    }

    public function add(string $model, string $serial, SheetRefusal $refusal, int $boatId, string $by, \DateTimeImmutable $at): ?int
    {
        $known = $this->entities->getRepository(RefusalRecord::class)->findOneBy(['model' => $model, 'serial' => $serial, 'reason' => $refusal->reason->value, 'settledAt' => null]);
        $boat = $this->entities->find(BoatRecord::class, $boatId);
        if (null !== $known || null === $boat) {
            return null;
        }
        $record = new RefusalRecord($model, $serial, $refusal->reason->value, $refusal->message, $boat, $by, $at);
        $this->entities->persist($record);
        $this->entities->flush();

        return $record->id;
    }

    public function count(): int
    {
        return $this->entities->getRepository(RefusalRecord::class)->count(['settledAt' => null]);
    }

    public function waiting(): array
    {
        return array_map(
            static fn (RefusalRecord $record): WaitingRefusal => new WaitingRefusal((int) $record->id, $record->model, $record->serial, $record->reason, $record->message, (int) $record->boat->id, $record->boat->name, $record->raisedBy, $record->raisedAt),
            $this->entities->getRepository(RefusalRecord::class)->findBy(['settledAt' => null], ['raisedAt' => 'DESC', 'id' => 'DESC']),
        );
    }

    public function settle(int $id, string $by, \DateTimeImmutable $at): void
    {
        $record = $this->entities->find(RefusalRecord::class, $id, LockMode::PESSIMISTIC_WRITE) ?? throw NotFound::refusal($id);
        if (null !== $record->settledBy) {
            throw Conflict::alreadyDecided('This engine', 'settled', $record->settledBy);
        }
        $record->settledBy = $by;
        $record->settledAt = $at;
    }
}
