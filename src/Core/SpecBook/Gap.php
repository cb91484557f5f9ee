<?php

declare(strict_types=1);

namespace FreshTack\Core\SpecBook;

/** Serial numbers between two ranges that no published sheet claims, or none for one gearcase or for some years. */
final readonly class Gap
{
    /** @param string|null $only of which engines, such as `gearcase heavy` or `years 2015–2019`; null: of all */
    public function __construct(
        public string $model,
        public SheetHead $before,
        public SheetHead $after,
        public SerialRange $serials,
        public ?string $only = null,
    ) {
    }

    public function isWithin(self $other): bool
    {
        return $other->serials->from <= $this->serials->from && $this->serials->to <= $other->serials->to;
    }
}
