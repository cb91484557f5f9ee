<?php

declare(strict_types=1);

namespace FreshTack\Storage;

use Doctrine\DBAL\LockMode;
use Doctrine\ORM\EntityManagerInterface;
use FreshTack\Exchange\Json;
use FreshTack\Shop\FirstRun\FirstRun;
use FreshTack\Storage\Entity\FirstRunRecord;
use FreshTack\Storage\Entity\ShopRecord;

final readonly class DoctrineFirstRun implements FirstRun
{
    public function __construct(private EntityManagerInterface $entities)
    {
    }

    public function isOpen(): bool
    {
        return null !== $this->entities->find(ShopRecord::class, 1);
    }

    public function keepCode(string $hash): void
    {
        $record = $this->entities->find(FirstRunRecord::class, 1) ?? new FirstRunRecord(1, $hash);
        $record->codeHash = $hash;
        $record->wrongTries = 0;
        $this->entities->persist($record);
        $this->entities->flush();
    }

    public function codeHash(): ?string
    {
        return $this->entities->find(FirstRunRecord::class, 1, LockMode::PESSIMISTIC_WRITE)?->codeHash;
    }

    public function countWrong(): int
    {
        $record = $this->entities->find(FirstRunRecord::class, 1) ?? throw CorruptRecord::in('first_run', '1', 'it is gone');
        ++$record->wrongTries;
        $this->entities->flush();

        return $record->wrongTries;
    }

    public function dropCode(): void
    {
        $record = $this->entities->find(FirstRunRecord::class, 1);
        if (null !== $record) {
            $this->entities->remove($record);
            $this->entities->flush();
        }
    }

    public function open(array $document): void
    {
        $this->entities->persist(new ShopRecord(1, Json::encode($document)));
        $this->entities->flush();
    }
}
