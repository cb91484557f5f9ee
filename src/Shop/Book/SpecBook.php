<?php

declare(strict_types=1);

namespace FreshTack\Shop\Book;

use FreshTack\Core\Procedure\Procedure;
use FreshTack\Core\SpecBook\EngineModel;
use FreshTack\Core\SpecBook\SerialNumber;
use FreshTack\Core\SpecBook\SheetHead;
use FreshTack\Core\SpecBook\SpecSheet;
use FreshTack\Core\SpecBook\Task;
use FreshTack\Shop\Conflict;

/** The shop's spec book as orders use it: sheets come with what they take from their family. */
interface SpecBook
{
    public function model(string $code): ?EngineModel;

    /** @return list<EngineModel> */
    public function models(): array;

    /** @return list<SheetHead> of every revision that claims this serial number, whatever its status; of their ranges only this number */
    public function claims(string $model, SerialNumber $serial): array;

    /**
     * Reads in one go what will be asked for one by one.
     *
     * @param list<array{string, SerialNumber}> $numbers model and serial number
     */
    public function readClaims(array $numbers): void;

    /** @return list<SheetHead> of all revisions, whatever their status */
    public function heads(): array;

    public function sheet(SheetHead $head): SpecSheet;

    /** @return array<mixed> the sheet as one document, complete with what it takes from its family */
    public function document(SheetHead $head): array;

    /** @return list<SpecSheet> all that are published, without the families */
    public function published(): array;

    /**
     * Nobody publishes another revision of these, or withdraws them, until the unit of work ends: what rests on them and
     * is kept in it will be seen by whoever does so then.
     *
     * @throws Conflict if one of them is not published any more
     */
    public function hold(SheetHead ...$heads): void;

    /** @return list<array<mixed>> documents in the book's order */
    public function procedures(): array;

    /**
     * @param list<Task>|null $tasks only those of these tasks and what belongs to every visit; null: all
     *
     * @return list<Procedure> in the book's order
     */
    public function readProcedures(?array $tasks = null): array;

    /** @return list<Task> those that the book says how to do */
    public function tasks(): array;

    /** Another text whenever anything in the book is another. */
    public function stamp(): string;
}
