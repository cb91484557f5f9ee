<?php

declare(strict_types=1);

namespace FreshTack\Shop\Book;

use FreshTack\Core\SpecBook\SheetFinder;
use FreshTack\Core\SpecBook\SheetMatch;

final readonly class IdentifyEngine
{
    public function __construct(private SpecBook $book)
    {
    }

    public function __invoke(string $model, string $serial): SheetMatch
    {
        return (new SheetFinder())->find($model, $serial, $this->book->model($model), $this->book->heads($model));
    }
}
