<?php

declare(strict_types=1);

namespace FreshTack\Shop\Book;

use FreshTack\Core\SpecBook\EngineModel;
use FreshTack\Core\SpecBook\SheetHead;
use FreshTack\Core\SpecBook\SpecSheet;

/** The shop's spec book: models, sheets and procedures. */
interface SpecBook
{
    public function model(string $code): ?EngineModel;

    /** @return list<EngineModel> */
    public function models(): array;

    /** @return list<SheetHead> that name the model, whatever their status */
    public function heads(string $model): array;

    public function sheet(SheetHead $head): SpecSheet;

    /** @return array<mixed> the document as it stands in the book */
    public function document(SheetHead $head): array;

    /** @return list<SpecSheet> */
    public function sheets(): array;

    /** @return list<array<mixed>> documents in the book's order */
    public function procedures(): array;
}
