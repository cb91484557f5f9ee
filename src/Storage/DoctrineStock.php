<?php

declare(strict_types=1);

namespace FreshTack\Storage;

use Doctrine\ORM\EntityManagerInterface;
use FreshTack\Shop\Stock\Stock;
use FreshTack\Storage\Entity\KitLineRecord;
use FreshTack\Storage\Entity\PartRecord;
use FreshTack\Storage\Entity\ShelfOilRecord;

final readonly class DoctrineStock implements Stock
{
    public function __construct(private EntityManagerInterface $entities)
    {
    }

    public function parts(array $numbers): array
    {
        $known = $kits = [];
        for ($wanted = $numbers; [] !== $wanted; $wanted = $this->missing($known, $kits)) {
            $known += array_fill_keys($wanted, null);
            foreach ($this->partsAndSubstitutes($wanted) as $part) {
                $known[$part->number] = $part;
            }
            foreach ($this->entities->getRepository(KitLineRecord::class)->findBy(['kit' => $wanted], ['part' => 'ASC']) as $line) {
                $kits[$line->kit][] = ['part' => $line->part, 'count' => $line->count];
            }
        }
        ksort($known, \SORT_STRING);

        return array_values(array_map(static fn (PartRecord $part): array => [
            'number' => $part->number,
            'description' => $part->description,
            'bin' => $part->bin,
            'inStock' => $part->inStock,
            'priceMinor' => $part->priceMinor,
            'supersededBy' => $part->supersededBy,
            'kit' => $kits[$part->number] ?? [],
            'onOrder' => $part->onOrder,
            'arrivesOn' => $part->arrivesOn?->format('Y-m-d'),
            'substituteFor' => $part->substituteFor,
        ], array_filter($known)));
    }

    /**
     * @param list<string> $numbers
     *
     * @return list<PartRecord>
     */
    private function partsAndSubstitutes(array $numbers): array
    {
        /** @var list<PartRecord> */
        return $this->entities->createQuery('SELECT p FROM '.PartRecord::class.' p WHERE p.number IN (:numbers) OR p.substituteFor IN (:numbers)')->setParameter('numbers', $numbers)->getResult();
    }

    /**
     * @param array<array-key, PartRecord|null>                              $known by number
     * @param array<array-key, list<array{part: string, count: int}>> $kits  by number
     *
     * @return list<string> numbers that took the place of known ones, and pieces of kits, not looked up yet
     */
    private function missing(array $known, array $kits): array
    {
        $newer = array_filter(array_map(static fn (?PartRecord $part): ?string => $part?->supersededBy, array_values($known)), \is_string(...));
        $pieces = array_merge(...array_map(static fn (array $lines): array => array_column($lines, 'part'), array_values($kits)));

        return array_values(array_filter(array_unique([...$newer, ...$pieces]), static fn (string $number): bool => !\array_key_exists($number, $known)));
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
