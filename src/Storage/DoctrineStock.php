<?php

declare(strict_types=1);

namespace FreshTack\Storage;

use Doctrine\ORM\EntityManagerInterface;
use FreshTack\Shop\Stock\Stock;
use FreshTack\Storage\Entity\PartRecord;
use FreshTack\Storage\Entity\ShelfOilRecord;

final readonly class DoctrineStock implements Stock
{
    public function __construct(private EntityManagerInterface $entities)
    {
    }

    public function parts(array $numbers): array
    {
        return array_map(
            static fn (PartRecord $part): array => ['number' => $part->number, 'description' => $part->description, 'bin' => $part->bin, 'inStock' => $part->inStock],
            $this->entities->getRepository(PartRecord::class)->findBy(['number' => $numbers], ['number' => 'ASC']),
        );
    }

    public function oils(): array
    {
        return array_map(
            static fn (ShelfOilRecord $oil): array => [
                'id' => $oil->id,
                'product' => $oil->product,
                'grade' => $oil->grade,
                'performanceClass' => $oil->performanceClass,
                'size' => ['value' => $oil->sizeValue, 'unit' => $oil->sizeUnit],
                'priceMinor' => $oil->priceMinor,
                'inStock' => $oil->inStock,
                'opened' => null === $oil->openedValue ? null : ['value' => $oil->openedValue, 'unit' => $oil->openedUnit],
            ],
            $this->entities->getRepository(ShelfOilRecord::class)->findBy([], ['id' => 'ASC']),
        );
    }
}
