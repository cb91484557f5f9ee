<?php

declare(strict_types=1);

namespace FreshTack\Storage;

use Doctrine\ORM\EntityManagerInterface;
use FreshTack\Core\Bench\Claim;
use FreshTack\Shop\Bench\KeptClaims;
use FreshTack\Storage\Entity\BenchClaimRecord;

final readonly class DoctrineKeptClaims implements KeptClaims
{
    public function __construct(private EntityManagerInterface $entities)
    {
    }

    public function of(int $order): array
    {
        return array_map(
            static fn (BenchClaimRecord $record): Claim => new Claim($record->work, $record->account, $record->takenAt),
            $this->entities->getRepository(BenchClaimRecord::class)->findBy(['orderNumber' => $order], ['id' => 'ASC']),
        );
    }

    public function take(int $order, Claim $claim): void
    {
        $record = $this->find($order, $claim->of);
        if (null === $record) {
            $this->entities->persist(new BenchClaimRecord($order, $claim->of, $claim->by, $claim->at));
        } else {
            $record->account = $claim->by;
            $record->takenAt = $claim->at;
        }
        $this->entities->flush();
    }

    public function drop(int $order, string $of): void
    {
        $record = $this->find($order, $of);
        if (null !== $record) {
            $this->entities->remove($record);
            $this->entities->flush();
        }
    }

    private function find(int $order, string $of): ?BenchClaimRecord
    {
        return $this->entities->getRepository(BenchClaimRecord::class)->findOneBy(['orderNumber' => $order, 'work' => $of]);
    }
}
