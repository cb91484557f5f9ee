<?php

declare(strict_types=1);

namespace FreshTack\Core\SpecBook;

use FreshTack\Core\Schedule\Action;
use FreshTack\Core\Schedule\Interval;
use FreshTack\Core\Schedule\Limit;

/**
 * The fuel separators between a boat's tank and its engines. No maker's sheet knows them: their element and their
 * interval belong to the boat, and are put beside the sheet of the engine at which they are counted.
 */
final readonly class BoatSeparators
{
    /** @var \WeakMap<SpecSheet, SpecSheet> what was put together already: engines of one sheet share it */
    private \WeakMap $known;

    /**
     * @param string|null $element the part number of the element, of each if there are several; null: nobody has read it yet
     * @param Limit|null  $every   how often it is renewed; null: there is none, or nobody has looked
     */
    public function __construct(
        public SeparatorCount $count = SeparatorCount::Unknown,
        public ?string $element = null,
        public ?Limit $every = null,
    ) {
        if ($count->isFitted() && null === $every) {
            throw new \LogicException('A separator that is fitted has its interval.');
        }
        $this->known = new \WeakMap();
    }

    /** @param bool $isFirst whether the engine is the first of the boat, from port: at it a single separator is counted */
    public function areCountedAt(bool $isFirst): bool
    {
        return SeparatorCount::Each === $this->count || (SeparatorCount::One === $this->count && $isFirst);
    }

    /** The sheet of an engine at which they are counted, with element and interval beside its own values. */
    public function beside(SpecSheet $sheet): SpecSheet
    {
        if (null === $this->every || !$this->count->isFitted()) {
            return $sheet;
        }

        return $this->known[$sheet] ??= $sheet->with(...$this->values($this->every));
    }

    /** @return list<SheetValue> */
    private function values(Limit $every): array
    {
        $values = [new SheetValue(SheetField::BoatSeparatorEvery, new Interval(null, $every, Action::Renew), Source::ofBoat())];

        return null === $this->element
            ? $values
            : [...$values, new SheetValue(SheetField::BoatSeparatorElement, new PartNeed($this->element, 1), Source::ofBoat())];
    }
}
