<?php

declare(strict_types=1);

namespace FreshTack\Shop\Order;

use FreshTack\Core\SpecBook\Task;
use FreshTack\Shop\Board\EngineAssessment;
use FreshTack\Shop\Book\OrderFlag;
use FreshTack\Shop\Register\Boat;

/** An order as the builder shows it: the file, the boat, each engine's state, and the work, frozen or as it would be. */
final readonly class OrderView
{
    /**
     * @param list<EngineAssessment>    $engines
     * @param array<mixed>|null         $work    null if no engine has a sheet
     * @param list<Task>                $orderable tasks that the book says how to do
     * @param list<OrderFlag>           $flags   what the book says otherwise since the order was issued
     * @param string|null               $flaw    what of the issued order or its entries does not fit its seal
     */
    public function __construct(
        public OrderFile $file,
        public Boat $boat,
        public array $engines,
        public ?array $work,
        public array $flags = [],
        public array $orderable = [],
        public ?string $flaw = null,
    ) {
    }
}
