<?php

declare(strict_types=1);

namespace FreshTack\Shop\Book;

use FreshTack\Core\SpecBook\EngineModel;
use FreshTack\Core\SpecBook\Plate;
use FreshTack\Core\SpecBook\SerialNumber;
use FreshTack\Core\SpecBook\SheetFinder;
use FreshTack\Core\SpecBook\SheetMatch;

final readonly class IdentifyEngine
{
    public function __construct(private SpecBook $book, private WrittenPlate $written)
    {
    }

    public function __invoke(Plate $plate): SheetMatch
    {
        [$plate, $model, $serial] = $this->numbered($plate);

        return (new SheetFinder())->find($plate, $model, null === $serial ? [] : $this->book->claims($plate->model, $serial));
    }

    /** Looks several up in one go; asked for one by one they are there. */
    public function ahead(Plate ...$plates): void
    {
        $numbers = [];
        foreach ($plates as $plate) {
            [$plate, , $serial] = $this->numbered($plate);
            $numbers = null === $serial ? $numbers : [...$numbers, [$plate->model, $serial]];
        }
        $this->book->readClaims($numbers);
    }

    /** @return array{Plate, EngineModel|null, SerialNumber|null} the plate as the shop's models are written */
    private function numbered(Plate $plate): array
    {
        $plate = ($this->written)($plate);
        $model = $this->book->model($plate->model);

        return [$plate, $model, $model?->serial($plate->serial)];
    }
}
