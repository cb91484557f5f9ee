<?php

declare(strict_types=1);

namespace FreshTack\Core\SpecBook;

/**
 * Model and serial number pick exactly one published sheet, or are refused. The order of refusals: not
 * four-stroke, serial malformed, several, withdrawn (only if nothing published matches), none. Where a sheet is
 * particular about model year or gearcase and nobody has said, the engine is refused and asked for it.
 */
final readonly class SheetFinder
{
    /**
     * @param EngineModel|null $model null if the book knows no such model
     * @param list<SheetHead>  $heads of every sheet that might apply
     */
    public function find(Plate $plate, ?EngineModel $model, array $heads): SheetMatch
    {
        if (null === $model) {
            return SheetMatch::refused(SheetRefusal::none($plate));
        }
        if (Cycle::FourStroke !== $model->cycle) {
            return SheetMatch::refused(SheetRefusal::notFourStroke($model));
        }
        $serial = $model->serial($plate->serial);
        if (null === $serial) {
            return SheetMatch::refused(SheetRefusal::malformed($model, $plate->serial));
        }

        return $this->pick($plate, array_values(array_filter($heads, static fn (SheetHead $head): bool => $head->mayApplyTo($plate, $serial))));
    }

    /** @param list<SheetHead> $matching */
    private function pick(Plate $plate, array $matching): SheetMatch
    {
        $published = $this->with($matching, SheetStatus::Published);
        $withdrawn = $this->with($matching, SheetStatus::Withdrawn);

        return match (true) {
            \count($published) > 1 => SheetMatch::refused(SheetRefusal::several($published, $plate)),
            1 === \count($published) && [] !== $published[0]->asks($plate) => SheetMatch::refused(SheetRefusal::particular($published[0], $plate)),
            1 === \count($published) => SheetMatch::found($published[0]),
            [] !== $withdrawn => SheetMatch::refused(SheetRefusal::withdrawn($withdrawn, $plate->serial)),
            default => SheetMatch::refused(SheetRefusal::none($plate)),
        };
    }

    /**
     * @param list<SheetHead> $heads
     *
     * @return list<SheetHead>
     */
    private function with(array $heads, SheetStatus $status): array
    {
        return array_values(array_filter($heads, static fn (SheetHead $head): bool => $status === $head->status));
    }
}
