<?php

declare(strict_types=1);

namespace FreshTack\Core\Order;

use FreshTack\Core\Policy\Schools;
use FreshTack\Core\Procedure\Procedure;

/** All that an order is made of: nothing is looked up while it is built. */
final readonly class OrderRequest
{
    /**
     * @param non-empty-list<EngineRequest> $engines    no two in one position
     * @param list<Procedure>               $procedures in the book's order
     */
    public function __construct(
        public Visit $visit,
        public OrderPolicy $policy,
        public Supplies $supplies,
        public array $engines,
        public array $procedures,
        public Wishes $wishes = new Wishes(),
    ) {
    }

    public function withSchools(Schools $schools): self
    {
        return new self(
            $this->visit,
            $this->policy->withSchools($schools),
            $this->supplies,
            $this->engines,
            $this->procedures,
            $this->wishes,
        );
    }

    /** @param non-empty-list<EngineRequest> $engines */
    public function withEngines(array $engines): self
    {
        return new self($this->visit, $this->policy, $this->supplies, $engines, $this->procedures, $this->wishes);
    }
}
