<?php

declare(strict_types=1);

namespace FreshTack\Shop\Book;

use FreshTack\Core\SpecBook\Doubts;
use FreshTack\Core\SpecBook\SheetHead;
use FreshTack\Core\SpecBook\SheetStatus;
use FreshTack\Shop\NotFound;

/** What a manager should know of a sheet that came from a file, before it goes any further. */
final readonly class TellArrival
{
    public function __construct(private Revisions $revisions, private ShowRanges $ranges, private ListHoles $holes)
    {
    }

    /**
     * @param array<mixed> $told as the file has it
     *
     * @throws NotFound
     */
    public function __invoke(Revision $arrived, array $told): Arrival
    {
        $head = $arrived->head;
        $sheet = $this->revisions->resolved($head->id, $head->revision);
        $holes = $head->isFamily() ? [] : $this->holes->of($sheet);
        $status = $told['status'] ?? null;

        return new Arrival(
            $head->status,
            SheetStatus::tryFrom(\is_string($status) ? $status : '') ?? $head->status,
            $this->published($head),
            $this->ranges->ifPublished($head),
            array_map(static fn (SheetHole $hole): string => $hole->label, $holes),
            Doubts::about($sheet),
        );
    }

    /** The revision whose place it takes once it is published. */
    private function published(SheetHead $head): ?string
    {
        foreach ($this->revisions->of($head->id) as $line) {
            if (SheetStatus::Published === $line->head->status && $line->head->revision !== $head->revision) {
                return $line->head->name();
            }
        }

        return null;
    }
}
