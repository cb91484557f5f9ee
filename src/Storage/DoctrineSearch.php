<?php

declare(strict_types=1);

namespace FreshTack\Storage;

use Doctrine\DBAL\ArrayParameterType;
use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;
use FreshTack\Shop\Board\Found;
use FreshTack\Shop\Board\Search;
use FreshTack\Shop\Register\Boat;
use FreshTack\Storage\Entity\CustomerRecord;
use FreshTack\Storage\Entity\EngineRecord;

final readonly class DoctrineSearch implements Search
{
    private const LONGEST_NUMBER = 9;
    /** Of each kind; of more than these nobody reads the count. */
    private const MOST = 200;

    public function __construct(private SearchIndex $index, private NearWords $near, private Connection $connection, private EntityManagerInterface $entities)
    {
    }

    public function isEmpty(): bool
    {
        return false === $this->connection->fetchOne('SELECT 1 FROM search_piece LIMIT 1');
    }

    public function index(Boat $boat): void
    {
        $this->index->boat($boat);
    }

    public function indexOthers(): void
    {
        foreach ($this->entities->getRepository(CustomerRecord::class)->findAll() as $customer) {
            $this->index->customer($customer->toShop());
        }
        foreach ($this->entities->getRepository(EngineRecord::class)->findBy(['boat' => null]) as $engine) {
            $this->index->engine($engine->toShop());
        }
    }

    public function find(string $text): Found
    {
        return $this->each(fn (string $kind): array => $this->index->find($kind, $text, self::MOST));
    }

    public function near(string $text): Found
    {
        return $this->each(fn (string $kind): array => $this->near->find($kind, $text, self::MOST));
    }

    public function called(array $numbers): Found
    {
        foreach ($numbers as $number) {
            $customers = $this->index->find('customer', $number, self::MOST);
            if ([] !== $customers) {
                $boats = $this->connection->fetchFirstColumn(
                    'SELECT id FROM boat WHERE customer_id IN (?) ORDER BY name, id',
                    [$customers],
                    [ArrayParameterType::INTEGER],
                );

                return new Found(array_map(static fn (mixed $id): int => is_numeric($id) ? (int) $id : 0, $boats), $customers, []);
            }
        }

        return new Found([], [], []);
    }

    /** @param \Closure(string): list<int> $find */
    private function each(\Closure $find): Found
    {
        return new Found($find('boat'), $find('customer'), $find('engine'));
    }

    /** A beginning of a number is a range of numbers for every length that it may have, so that the key finds them. */
    public function orders(string $digits, int $most): array
    {
        if (1 !== preg_match('/^[1-9]\d{0,8}$/', $digits)) {
            return [];
        }
        $ranges = [];
        for ($more = 0; $more <= self::LONGEST_NUMBER - \strlen($digits); ++$more) {
            $from = (int) $digits * 10 ** $more;
            $ranges[] = \sprintf('o.number BETWEEN %d AND %d', $from, $from + 10 ** $more - 1);
        }
        $rows = $this->connection->fetchAllAssociative('SELECT o.number, o.status, b.name FROM work_order o JOIN boat b ON b.id = o.boat_id WHERE '.implode(' OR ', $ranges).' ORDER BY o.number DESC LIMIT '.$most);

        return array_map(static fn (array $row): array => ['number' => Column::int($row, 'number'), 'status' => Column::text($row, 'status'), 'boat' => Column::text($row, 'name')], $rows);
    }
}
