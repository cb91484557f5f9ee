<?php

declare(strict_types=1);

namespace FreshTack\Storage\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use FreshTack\Core\Order\ShelfOil;

#[ORM\Entity]
#[ORM\Table(name: 'shelf_oil')]
class ShelfOilRecord
{
    public function __construct(
        #[ORM\Id, ORM\Column(length: 60)] public string $id,
        #[ORM\Column(length: 80)] public string $product,
        #[ORM\Column(length: 20)] public string $grade,
        #[ORM\Column(length: 40)] public string $performanceClass,
        #[ORM\Column(length: 20)] public string $sizeValue,
        #[ORM\Column(length: 10)] public string $sizeUnit,
        #[ORM\Column(options: ['unsigned' => true, 'comment' => 'smallest coin'])] public int $priceMinor,
        #[ORM\Column(nullable: true, options: ['unsigned' => true])] public ?int $inStock,
        #[ORM\Column(length: 20, nullable: true)] public ?string $openedValue = null,
        #[ORM\Column(length: 10, nullable: true)] public ?string $openedUnit = null,
        #[ORM\Version, ORM\Column(type: Types::INTEGER, options: ['unsigned' => true])] public int $version = 1,
    ) {
    }

    public static function of(ShelfOil $oil): self
    {
        $container = $oil->container;

        return new self(
            $container->id,
            $oil->product,
            $oil->grade,
            $oil->performanceClass,
            $container->size->given,
            $container->size->unit->value,
            $container->priceMinor,
            $container->inStock,
            $container->opened?->given,
            $container->opened?->unit->value,
        );
    }

    public function take(ShelfOil $oil): void
    {
        $now = self::of($oil);
        $this->product = $now->product;
        $this->grade = $now->grade;
        $this->performanceClass = $now->performanceClass;
        $this->sizeValue = $now->sizeValue;
        $this->sizeUnit = $now->sizeUnit;
        $this->priceMinor = $now->priceMinor;
        $this->inStock = $now->inStock;
        $this->openedValue = $now->openedValue;
        $this->openedUnit = $now->openedUnit;
    }
}
