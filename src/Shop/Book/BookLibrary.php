<?php

declare(strict_types=1);

namespace FreshTack\Shop\Book;

use FreshTack\Core\SpecBook\EngineModel;

/** The whole book for moving it: everything out in one go, models and procedures in. */
interface BookLibrary
{
    /** @return iterable<array<mixed>> every revision of every sheet, as its document */
    public function sheets(): iterable;

    /** @return array<string, string> procedure documents as texts, by id */
    public function procedures(): array;

    public function addModel(EngineModel $model): void;

    public function putProcedure(string $id, string $text): void;

    /** As `putProcedure`, with a text of the program. */
    public function installProcedure(string $id, string $text): void;

    /** @return list<string> ids of those whose text is one of the program, of today or of before */
    public function unchangedProcedures(): array;
}
