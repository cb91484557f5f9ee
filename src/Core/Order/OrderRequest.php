<?php

declare(strict_types=1);

namespace FreshTack\Core\Order;

use FreshTack\Core\Fastening\TorqueWrench;
use FreshTack\Core\Fluid\AirRange;
use FreshTack\Core\Labour\Allowance;
use FreshTack\Core\Parts\PartsShelf;
use FreshTack\Core\Policy\Schools;
use FreshTack\Core\Procedure\Procedure;

/** All that an order is made of: nothing is looked up while it is built. */
final readonly class OrderRequest
{
    /**
     * @param list<ShelfOil>                $shelf
     * @param non-empty-list<EngineRequest> $engines
     * @param list<Procedure>               $procedures
     * @param int                           $technicians who work on it at once, from 1
     * @param list<string>                  $kits        taken instead of loose pieces
     * @param list<TorqueWrench>            $wrenches    the shop's
     * @param bool                          $shared      whether keys, lanyards or batteries serve more than one engine
     */
    public function __construct(
        public string $number,
        public \DateTimeImmutable $day,
        public Place $place,
        public AirRange $air,
        public OrderPolicy $policy,
        public array $shelf,
        public PartsShelf $parts,
        public array $engines,
        public array $procedures,
        public int $technicians = 1,
        public array $kits = [],
        public array $wrenches = [],
        public ?Allowance $allowance = null,
        public ByHand $byHand = new ByHand(),
        public bool $shared = false,
    ) {
    }

    public function withSchools(Schools $schools): self
    {
        $policy = new OrderPolicy(
            $this->policy->firstPourPercent,
            $this->policy->reservePerEngine,
            $this->policy->roundTo,
            $this->policy->prefersGrades,
            $schools,
            $this->policy->changeMin,
        );

        return $this->with($policy, $this->engines);
    }

    /** @param non-empty-list<EngineRequest> $engines */
    public function withEngines(array $engines): self
    {
        return $this->with($this->policy, $engines);
    }

    /** @param non-empty-list<EngineRequest> $engines */
    private function with(OrderPolicy $policy, array $engines): self
    {
        return new self(
            $this->number,
            $this->day,
            $this->place,
            $this->air,
            $policy,
            $this->shelf,
            $this->parts,
            $engines,
            $this->procedures,
            $this->technicians,
            $this->kits,
            $this->wrenches,
            $this->allowance,
            $this->byHand,
            $this->shared,
        );
    }
}
