<?php

declare(strict_types=1);

namespace FreshTack\Storage;

use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;
use FreshTack\Core\Order\ShelfOil;
use FreshTack\Shop\Conflict;
use FreshTack\Shop\NotFound;
use FreshTack\Shop\Stock\KeptOil;
use FreshTack\Shop\Stock\OilShelf;
use FreshTack\Shop\Stock\Stock;
use FreshTack\Storage\Entity\ShelfOilRecord;

final readonly class DoctrineOilShelf implements OilShelf
{
    public function __construct(private EntityManagerInterface $entities, private Connection $connection, private Stock $stock)
    {
    }

    public function kept(): array
    {
        $versions = $this->connection->fetchAllKeyValue('SELECT id, version FROM shelf_oil');
        $kept = array_map(static function (ShelfOil $oil) use ($versions): KeptOil {
            $version = $versions[$oil->container->id] ?? 1;

            return new KeptOil($oil, is_numeric($version) ? (int) $version : 1);
        }, $this->stock->oils());
        usort($kept, static fn (KeptOil $one, KeptOil $other): int => [$one->oil->product, $one->oil->container->size->millilitresDown()]
            <=> [$other->oil->product, $other->oil->container->size->millilitresDown()]);

        return $kept;
    }

    public function add(ShelfOil $oil): void
    {
        $size = $oil->container->size;
        null === $this->entities->find(ShelfOilRecord::class, $oil->container->id)
            || throw Conflict::oilThere($oil->product, $size->given.' '.$size->unit->symbol());
        $this->entities->persist(ShelfOilRecord::of($oil));
        $this->entities->flush();
    }

    public function change(ShelfOil $oil, int $version): void
    {
        $this->record($oil->container->id, $version)->take($oil);
        $this->entities->flush();
    }

    public function remove(string $id, int $version): void
    {
        $this->entities->remove($this->record($id, $version));
        $this->entities->flush();
    }

    /** @throws NotFound|Conflict */
    private function record(string $id, int $version): ShelfOilRecord
    {
        $record = $this->entities->find(ShelfOilRecord::class, $id) ?? throw NotFound::named('oil on the shelf', $id);

        return $version === $record->version ? $record : throw Conflict::changedMeanwhile($record->product);
    }
}
