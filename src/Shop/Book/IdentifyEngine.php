<?php

declare(strict_types=1);

namespace FreshTack\Shop\Book;

use FreshTack\Core\SpecBook\Plate;
use FreshTack\Core\SpecBook\SheetFinder;
use FreshTack\Core\SpecBook\SheetMatch;

final readonly class IdentifyEngine
{
    public function __construct(private SpecBook $book, private WrittenPlate $written)
    {
    }

    public function __invoke(Plate $plate): SheetMatch
    {
        $plate = ($this->written)($plate);
        $model = $this->book->model($plate->model);
        $serial = $model?->serial($plate->serial);

        return (new SheetFinder())->find($plate, $model, null === $serial ? [] : $this->book->claims($plate->model, $serial));
    }
}
