<?php

declare(strict_types=1);

namespace FreshTack\Storage;

use Doctrine\ORM\EntityManagerInterface;
use FreshTack\Core\SpecBook\EngineModel;
use FreshTack\Core\SpecBook\SerialNumber;
use FreshTack\Core\SpecBook\SheetHead;
use FreshTack\Core\SpecBook\SheetStatus;
use FreshTack\Core\SpecBook\SpecSheet;
use FreshTack\Core\SpecBook\Task;
use FreshTack\Exchange\Json;
use FreshTack\Shop\Book\SpecBook;
use FreshTack\Storage\Entity\EngineModelRecord;
use FreshTack\Storage\Entity\ProcedureRecord;
use Symfony\Contracts\Service\ResetInterface;

/** What was asked for once in a request is kept for its length. */
final class DoctrineSpecBook implements SpecBook, ResetInterface
{
    /** @var array<string, EngineModel|null> */
    private array $models = [];
    /** @var array<string, list<SheetHead>> by model and serial number */
    private array $claims = [];
    /** @var list<array<mixed>>|null */
    private ?array $procedures = null;

    public function __construct(private readonly EntityManagerInterface $entities, private readonly SheetHeads $heads, private readonly SheetStore $store)
    {
    }

    public function reset(): void
    {
        $this->models = $this->claims = [];
        $this->procedures = null;
    }

    public function model(string $code): ?EngineModel
    {
        return $this->models[$code] ??= $this->entities->find(EngineModelRecord::class, $code)?->toCore();
    }

    public function models(): array
    {
        return array_map(static fn (EngineModelRecord $record): EngineModel => $record->toCore(), $this->entities->getRepository(EngineModelRecord::class)->findBy([], ['maker' => 'ASC', 'code' => 'ASC']));
    }

    public function claims(string $model, SerialNumber $serial): array
    {
        return $this->claims["$model $serial->prefix$serial->number"] ??= $this->heads->claiming($model, $serial);
    }

    public function heads(): array
    {
        return $this->heads->all();
    }

    public function sheet(SheetHead $head): SpecSheet
    {
        return $this->store->resolved($head->id, $head->revision);
    }

    public function document(SheetHead $head): array
    {
        return $this->store->resolvedDocument($head->id, $head->revision);
    }

    public function published(): array
    {
        $published = array_filter($this->heads->all(), static fn (SheetHead $head): bool => SheetStatus::Published === $head->status && !$head->isFamily());

        return array_map($this->sheet(...), array_values($published));
    }

    public function procedures(): array
    {
        return $this->procedures ??= array_map(static fn (ProcedureRecord $record): array => StoredJson::map($record->document, 'procedure_document', $record->id), $this->entities->getRepository(ProcedureRecord::class)->findBy([], ['place' => 'ASC']));
    }

    public function tasks(): array
    {
        $known = array_map(static fn (array $procedure): mixed => $procedure['task'] ?? null, $this->procedures());

        return array_values(array_filter(Task::cases(), static fn (Task $task): bool => \in_array($task->value, $known, true)));
    }

    public function stamp(): string
    {
        $row = $this->entities->getConnection()->fetchAssociative('SELECT COUNT(*) AS sheets, MAX(changed_at) AS latest, SUM(version) AS changes, (SELECT SUM(CRC32(document)) FROM procedure_document) AS procedures FROM spec_sheet');

        return Json::encode($row);
    }
}
