<?php

declare(strict_types=1);

namespace FreshTack\Storage;

use Doctrine\DBAL\Exception\ForeignKeyConstraintViolationException;
use Doctrine\DBAL\Exception\UniqueConstraintViolationException;
use Doctrine\DBAL\LockMode;
use Doctrine\ORM\EntityManagerInterface;
use FreshTack\Core\Reading\Cursor;
use FreshTack\Exchange\Json;
use FreshTack\Shop\Conflict;
use FreshTack\Shop\TakenBack\Removed;
use FreshTack\Shop\TakenBack\RemovedKind;
use FreshTack\Shop\TakenBack\RemovedThings;
use FreshTack\Storage\Entity\BoatRecord;
use FreshTack\Storage\Entity\CustomerRecord;
use FreshTack\Storage\Entity\EngineRecord;
use FreshTack\Storage\Entity\RemovedRecord;

/** Whole rows, written back with the number that they had. */
final readonly class DoctrineRemovedThings implements RemovedThings
{
    public function __construct(private EntityManagerInterface $entities, private FindAgain $find)
    {
    }

    public function newest(int $most): array
    {
        return array_map(self::told(...), $this->entities->getRepository(RemovedRecord::class)->findBy([], ['id' => 'DESC'], $most));
    }

    public function keep(RemovedKind $kind, int $ref, string $name, string $by, \DateTimeImmutable $at): void
    {
        $fittings = RemovedKind::Engine === $kind ? ['fitting' => $this->rows('fitting', 'engine_id', $ref)] : [];
        $this->write($kind, $ref, [$kind->value => $this->rows($kind->value, 'id', $ref), ...$fittings], $name, $by, $at);
    }

    public function keepJoined(int $customerId, int $into, array $boatIds, string $name, string $by, \DateTimeImmutable $at): void
    {
        $content = ['customer' => $this->rows('customer', 'id', $customerId), 'joined' => ['into' => $into, 'boats' => $boatIds]];
        $this->write(RemovedKind::Customer, $customerId, $content, $name, $by, $at);
    }

    public function bringBack(int $id): Removed
    {
        $record = $this->entities->find(RemovedRecord::class, $id, LockMode::PESSIMISTIC_WRITE) ?? throw Conflict::broughtBack();
        $removed = self::told($record);
        $content = StoredJson::map($record->content, 'removed', (string) $id);
        foreach (['customer', 'boat', 'engine', 'fitting'] as $table) {
            foreach (Cursor::over($content[$table] ?? [])->list() as $row) {
                $this->insert($removed, $table, $row);
            }
        }
        $joined = Cursor::over($content['joined'] ?? null);
        if (!$joined->isNull()) {
            $boats = array_map(static fn (Cursor $boat): int => $boat->int(1, \PHP_INT_MAX), $joined->at('boats')->list());
            $this->giveBack($removed->ref, $joined->at('into')->int(1, \PHP_INT_MAX), $boats);
        }
        $this->entities->remove($record);
        $this->entities->flush();
        $this->index($removed);

        return $removed;
    }

    /** @throws Conflict */
    private function insert(Removed $removed, string $table, Cursor $row): void
    {
        $values = [];
        foreach ($row->keys() as $column) {
            $values[$column] = $row->at($column)->raw();
        }
        try {
            $this->entities->getConnection()->insert($table, $values);
        } catch (UniqueConstraintViolationException) {
            throw Conflict::placeOfRemoved($removed->name);
        } catch (ForeignKeyConstraintViolationException) {
            throw Conflict::ownerOfRemoved($removed->name);
        }
    }

    /** @param list<int> $boatIds those that the other one still has */
    private function giveBack(int $customerId, int $from, array $boatIds): void
    {
        $customer = $this->entities->find(CustomerRecord::class, $customerId);
        foreach ($this->entities->getRepository(BoatRecord::class)->findBy(['id' => $boatIds]) as $boat) {
            if (null !== $customer && $from === $boat->customer->id) {
                $boat->customer = $customer;
                $this->entities->flush();
                $this->find->boat($boat);
            }
        }
    }

    private function index(Removed $removed): void
    {
        match ($removed->kind) {
            RemovedKind::Boat => $this->find->boat($this->record(BoatRecord::class, $removed->ref)),
            RemovedKind::Engine => $this->find->engine($this->record(EngineRecord::class, $removed->ref)),
            RemovedKind::Customer => $this->find->customer($this->record(CustomerRecord::class, $removed->ref)),
        };
    }

    /**
     * @template T of object
     *
     * @param class-string<T> $class
     *
     * @return T
     */
    private function record(string $class, int $id): object
    {
        return $this->entities->find($class, $id) ?? throw CorruptRecord::in('removed', (string) $id, 'it did not come back');
    }

    /** @return list<array<string, mixed>> */
    private function rows(string $table, string $column, int $ref): array
    {
        return $this->entities->getConnection()->fetchAllAssociative("SELECT * FROM $table WHERE $column = ?", [$ref]);
    }

    /** @param array<string, mixed> $content rows by table */
    private function write(RemovedKind $kind, int $ref, array $content, string $name, string $by, \DateTimeImmutable $at): void
    {
        $this->entities->persist(new RemovedRecord($kind->value, $ref, $name, Json::encode($content), $by, $at));
        $this->entities->flush();
    }

    private static function told(RemovedRecord $record): Removed
    {
        return new Removed(
            (int) $record->id,
            RemovedKind::from($record->kind),
            $record->ref,
            $record->name,
            $record->account,
            $record->removedAt,
        );
    }
}
