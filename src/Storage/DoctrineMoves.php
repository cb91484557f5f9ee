<?php

declare(strict_types=1);

namespace FreshTack\Storage;

use Doctrine\ORM\EntityManagerInterface;
use FreshTack\Core\Plan\Position;
use FreshTack\Core\Reading\Cursor;
use FreshTack\Exchange\Json;
use FreshTack\Shop\TakenBack\EngineMove;
use FreshTack\Shop\TakenBack\Moved;
use FreshTack\Shop\TakenBack\Moves;
use FreshTack\Shop\TakenBack\Place;
use FreshTack\Shop\TakenBack\Strike;
use FreshTack\Storage\Entity\BoatRecord;
use FreshTack\Storage\Entity\EngineMoveRecord;
use FreshTack\Storage\Entity\EngineRecord;
use FreshTack\Storage\Entity\FittingRecord;

final readonly class DoctrineMoves implements Moves
{
    public function __construct(private EntityManagerInterface $entities, private FindAgain $find)
    {
    }

    public function add(string $by, \DateTimeImmutable $at, Moved ...$engines): void
    {
        $told = array_map(static fn (Moved $each): array => [
            'engine' => $each->engineId,
            'from' => self::told($each->from),
            'to' => self::told($each->to),
        ], array_values($engines));
        $this->entities->persist(new EngineMoveRecord(Json::encode($told), $by, $at));
        $this->entities->flush();
    }

    public function last(int $engineId): ?EngineMove
    {
        $id = $this->entities->getConnection()->fetchOne(
            "SELECT id FROM engine_move WHERE taken_back_by IS NULL AND JSON_CONTAINS(JSON_EXTRACT(engines, '$[*].engine'), ?)
             ORDER BY id DESC LIMIT 1",
            [(string) $engineId],
        );
        $record = false === $id ? null : $this->entities->find(EngineMoveRecord::class, $id);

        return null === $record ? null : self::move($record);
    }

    public function undo(EngineMove $move, Strike $strike): void
    {
        $record = $this->entities->find(EngineMoveRecord::class, $move->id) ?? throw CorruptRecord::in('engine_move', (string) $move->id, 'it is gone');
        $record->takenBackBy = $strike->by;
        $record->why = $strike->why;
        $boats = [];
        foreach ($move->engines as $moved) {
            $engine = $this->engine($moved->engineId);
            $boats[] = $engine->boat;
            $this->undoFitting($engine, $moved);
            // two that were swapped can't hang in one place meanwhile
            $engine->boat = $engine->position = null;
        }
        $this->entities->flush();
        foreach ($move->engines as $moved) {
            $engine = $this->engine($moved->engineId);
            $engine->boat = null === $moved->from ? null : $this->entities->find(BoatRecord::class, $moved->from->boatId);
            $engine->position = $moved->from?->position->value;
            $boats[] = $engine->boat;
            $this->entities->flush();
            $this->find->engine($engine);
        }
        array_map($this->find->boat(...), array_filter($boats));
    }

    /** What it was hung on by the move is gone as if it had never been; where it hung before, it hangs on. */
    private function undoFitting(EngineRecord $engine, Moved $moved): void
    {
        $fittings = $this->entities->getRepository(FittingRecord::class)->findBy(['engine' => $engine], ['id' => 'DESC']);
        if (null !== $moved->to && isset($fittings[0]) && null === $fittings[0]->takenOffOn) {
            $this->entities->remove($fittings[0]);
            array_shift($fittings);
        }
        if (null !== $moved->from && isset($fittings[0])) {
            $fittings[0]->takenOffOn = null;
        }
    }

    private function engine(int $id): EngineRecord
    {
        return $this->entities->find(EngineRecord::class, $id) ?? throw CorruptRecord::in('engine', (string) $id, 'it is gone');
    }

    /** @return array{boat: int, position: string}|null */
    private static function told(?Place $place): ?array
    {
        return null === $place ? null : ['boat' => $place->boatId, 'position' => $place->position->value];
    }

    private static function move(EngineMoveRecord $record): EngineMove
    {
        $engines = [];
        foreach (Cursor::over(StoredJson::map($record->engines, 'engine_move', (string) $record->id))->list() as $each) {
            $engines[] = new Moved($each->at('engine')->int(1, \PHP_INT_MAX), self::place($each->at('from')), self::place($each->at('to')));
        }

        return [] === $engines ? throw CorruptRecord::in('engine_move', (string) $record->id, 'nothing moved') : new EngineMove((int) $record->id, $engines, $record->account, $record->madeAt);
    }

    private static function place(Cursor $place): ?Place
    {
        return $place->isNull() ? null : new Place($place->at('boat')->int(1, \PHP_INT_MAX), Position::from($place->at('position')->string()));
    }
}
