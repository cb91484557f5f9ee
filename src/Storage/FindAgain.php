<?php

declare(strict_types=1);

namespace FreshTack\Storage;

use Doctrine\ORM\EntityManagerInterface;
use FreshTack\Storage\Entity\BoatRecord;
use FreshTack\Storage\Entity\CustomerRecord;
use FreshTack\Storage\Entity\EngineRecord;

/** Lets the search find what a row says now. */
final readonly class FindAgain
{
    public function __construct(private EntityManagerInterface $entities, private SearchIndex $search)
    {
    }

    public function engine(EngineRecord $engine): void
    {
        $this->search->engine($engine->toShop());
    }

    public function customer(CustomerRecord $customer): void
    {
        $this->search->customer($customer->toShop());
    }

    public function boat(BoatRecord $boat): void
    {
        $this->search->boat($boat->toShop($this->entities->getRepository(EngineRecord::class)->findBy(['boat' => $boat])));
    }
}
