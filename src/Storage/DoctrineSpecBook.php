<?php

declare(strict_types=1);

namespace FreshTack\Storage;

use Doctrine\ORM\EntityManagerInterface;
use FreshTack\Core\ExpectedError;
use FreshTack\Core\Procedure\Procedure;
use FreshTack\Core\Procedure\ProcedureReader;
use FreshTack\Core\SpecBook\EngineModel;
use FreshTack\Core\SpecBook\SerialNumber;
use FreshTack\Core\SpecBook\SheetHead;
use FreshTack\Core\SpecBook\SheetStatus;
use FreshTack\Core\SpecBook\SpecSheet;
use FreshTack\Core\SpecBook\Task;
use FreshTack\Exchange\Json;
use FreshTack\Shop\Book\SpecBook;
use FreshTack\Shop\Conflict;
use FreshTack\Storage\Entity\EngineModelRecord;

/** What was asked for once in a request is kept for its length. */
final class DoctrineSpecBook implements SpecBook, RequestMemory
{
    /** @var array<string, EngineModel|null> */
    private array $models = [];
    /** @var array<string, list<SheetHead>> by model and serial number */
    private array $claims = [];
    /** @var list<array<mixed>>|null */
    private ?array $procedures = null;
    /** @var array<string, Procedure> */
    private array $read = [];
    /** @var array<string, string>|null */
    private ?array $texts = null;

    public function __construct(private readonly EntityManagerInterface $entities, private readonly SheetHeads $heads, private readonly SheetStore $store, private readonly BookCache $cache)
    {
    }

    public function reset(): void
    {
        $this->models = $this->claims = [];
        $this->procedures = $this->texts = null;
        $this->read = [];
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
        return $this->claims[self::key($model, $serial)] ??= $this->heads->claiming([[$model, $serial]])[0];
    }

    public function readClaims(array $numbers): void
    {
        $unread = array_values(array_filter($numbers, fn (array $number): bool => !isset($this->claims[self::key(...$number)])));
        foreach ([] === $unread ? [] : $this->heads->claiming($unread) as $place => $heads) {
            $this->claims[self::key(...$unread[$place])] = $heads;
        }
    }

    private static function key(string $model, SerialNumber $serial): string
    {
        return "$model $serial->prefix$serial->number";
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

    public function hold(SheetHead ...$heads): void
    {
        usort($heads, static fn (SheetHead $a, SheetHead $b): int => [$a->id, $a->revision] <=> [$b->id, $b->revision]);
        foreach ($heads as $head) {
            $status = $this->entities->getConnection()->fetchOne(
                'SELECT status FROM spec_sheet WHERE sheet_id = ? AND revision = ? LOCK IN SHARE MODE',
                [$head->id, $head->revision],
            );
            if (SheetStatus::Published->value !== $status) {
                throw Conflict::changedMeanwhile('The sheet '.$head->name());
            }
        }
    }

    public function procedures(): array
    {
        return $this->procedures ??= array_map(static fn (string $text, string $id): array => StoredJson::map($text, 'procedure_document', $id), $this->procedureTexts(), array_keys($this->procedureTexts()));
    }

    public function readProcedures(?array $tasks = null): array
    {
        $read = [];
        foreach ($this->index() as $id => $task) {
            if (null === $tasks || null === $task || \in_array($task, $tasks, true)) {
                $read[] = $this->read[$id] ??= $this->cache->kept(Procedure::class, $this->procedureTexts()[$id], fn (): Procedure => $this->procedure($id));
            }
        }

        return $read;
    }

    public function tasks(): array
    {
        $known = $this->index();

        return array_values(array_filter(Task::cases(), static fn (Task $task): bool => \in_array($task, $known, true)));
    }

    /** @return array<string, Task|null> by id, in the book's order: null belongs to every visit */
    private function index(): array
    {
        return $this->cache->kept(ProcedureIndex::class, implode("\n", $this->procedureTexts()), function (): ProcedureIndex {
            $tasks = array_map(fn (string $id): ?Task => $this->procedure($id)->task, array_keys($this->procedureTexts()));

            return new ProcedureIndex(array_combine(array_keys($this->procedureTexts()), $tasks));
        })->tasks;
    }

    private function procedure(string $id): Procedure
    {
        try {
            return ProcedureReader::read(StoredJson::map($this->procedureTexts()[$id], 'procedure_document', $id));
        } catch (ExpectedError $error) {
            throw CorruptRecord::in('procedure_document', $id, $error->getMessage(), $error);
        }
    }

    /** @return array<string, string> by id, in the book's order */
    private function procedureTexts(): array
    {
        if (null === $this->texts) {
            $this->texts = [];
            foreach ($this->entities->getConnection()->fetchAllAssociative('SELECT id, document FROM procedure_document ORDER BY place') as $row) {
                $this->texts[Column::text($row, 'id')] = Column::text($row, 'document');
            }
        }

        return $this->texts;
    }

    public function stamp(): string
    {
        $row = $this->entities->getConnection()->fetchAssociative('SELECT COUNT(*) AS sheets, MAX(changed_at) AS latest, SUM(version) AS changes, (SELECT SUM(CRC32(document)) FROM procedure_document) AS procedures FROM spec_sheet');

        return Json::encode($row);
    }
}
