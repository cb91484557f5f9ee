<?php

declare(strict_types=1);

namespace FreshTack\Core\Finding;

use Brick\Math\BigDecimal;

/** What somebody says of one place. */
final readonly class PlaceAnswer
{
    /**
     * @param string           $place   key
     * @param string|null      $code    of the answer, where one of several is chosen
     * @param list<BigDecimal> $figures in the unit of the place; of a cylinder one for each of its valves
     * @param int|null         $share   per cent that are left
     * @param bool             $renewed a new one went on
     * @param string           $words   where, or what
     */
    public function __construct(
        public string $place,
        public ?string $code = null,
        public array $figures = [],
        public ?int $share = null,
        public bool $renewed = false,
        public string $words = '',
    ) {
    }
}
