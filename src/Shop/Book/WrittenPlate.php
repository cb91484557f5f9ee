<?php

declare(strict_types=1);

namespace FreshTack\Shop\Book;

use FreshTack\Core\SpecBook\Plate;

/** A plate as the maker writes it, however somebody typed it; as it was typed where the book can't tell. */
final readonly class WrittenPlate
{
    public function __construct(private SpecBook $book)
    {
    }

    public function __invoke(Plate $plate): Plate
    {
        $model = trim($plate->model);
        $known = $this->book->model($model) ?? $this->book->model(strtoupper($model));

        return new Plate($known->code ?? $model, $known?->onPlate($plate->serial) ?? trim($plate->serial), $plate->year, $plate->gearcase);
    }
}
