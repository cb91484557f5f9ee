<?php

declare(strict_types=1);

namespace FreshTack\Core\SpecBook;

/**
 * Model and serial number pick exactly one published sheet, or are refused. The order of refusals: not
 * four-stroke, serial malformed, several, withdrawn (only if nothing published matches), none.
 */
final readonly class SheetFinder
{
    /**
     * @param EngineModel|null $model null if the book knows no such model
     * @param list<SheetHead>  $heads of the newest revision of every sheet that might apply
     */
    public function find(string $modelCode, string $serialText, ?EngineModel $model, array $heads): SheetMatch
    {
        if (null === $model) {
            return SheetMatch::refused(SheetRefusal::none($modelCode, $serialText));
        }
        if (Cycle::FourStroke !== $model->cycle) {
            return SheetMatch::refused(SheetRefusal::notFourStroke($model));
        }
        $serial = $model->serial($serialText);
        if (null === $serial) {
            return SheetMatch::refused(SheetRefusal::malformed($model, $serialText));
        }

        return $this->pick($modelCode, $serialText, array_values(array_filter($heads, static fn (SheetHead $head): bool => $head->appliesTo($modelCode, $serial))));
    }

    /** @param list<SheetHead> $matching */
    private function pick(string $model, string $serial, array $matching): SheetMatch
    {
        $published = $this->with($matching, SheetStatus::Published);
        $withdrawn = $this->with($matching, SheetStatus::Withdrawn);

        return match (true) {
            \count($published) > 1 => SheetMatch::refused(SheetRefusal::several($published, $serial)),
            1 === \count($published) => SheetMatch::found($published[0]),
            [] !== $withdrawn => SheetMatch::refused(SheetRefusal::withdrawn($withdrawn, $serial)),
            default => SheetMatch::refused(SheetRefusal::none($model, $serial)),
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
