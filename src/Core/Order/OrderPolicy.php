<?php

declare(strict_types=1);

namespace FreshTack\Core\Order;

use FreshTack\Core\Finding\ShopAnswers;
use FreshTack\Core\Policy\Schools;
use FreshTack\Core\Quantity\Volume;

/** The schools of the shop that bear on an order. A sheet's own word always goes before them. */
final readonly class OrderPolicy
{
    public const CHANGE_MIN = 2;

    /** What may be seen, as the shop takes it. */
    public ShopAnswers $answers;

    /**
     * @param int          $firstPourPercent share of the capacity that is poured before the first reading
     * @param Volume       $roundTo          the step of the jug
     * @param list<string> $prefersGrades    the most liked first
     * @param int          $changeMin        minutes that a change of place costs: walking, wiping hands
     */
    public function __construct(
        public int $firstPourPercent,
        public Volume $reservePerEngine,
        public Volume $roundTo,
        public array $prefersGrades,
        public Schools $schools,
        public int $changeMin = self::CHANGE_MIN,
        ?ShopAnswers $answers = null,
    ) {
        $this->answers = $answers ?? ShopAnswers::none();
    }

    public function withSchools(Schools $schools): self
    {
        return new self(
            $this->firstPourPercent,
            $this->reservePerEngine,
            $this->roundTo,
            $this->prefersGrades,
            $schools,
            $this->changeMin,
            $this->answers,
        );
    }
}
