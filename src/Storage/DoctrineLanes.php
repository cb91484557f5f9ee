<?php

declare(strict_types=1);

namespace FreshTack\Storage;

use Doctrine\DBAL\Connection;
use FreshTack\Shop\Bench\Tally;
use FreshTack\Shop\Board\ClosedOrder;
use FreshTack\Shop\Board\Lane;
use FreshTack\Shop\Board\LaneOrder;
use FreshTack\Shop\Board\Lanes;
use FreshTack\Shop\Board\LaneState;
use FreshTack\Shop\Order\Closing;
use FreshTack\Shop\Order\OrderStatus;

/** In plain SQL: the orders' documents stay where they are. */
final readonly class DoctrineLanes implements Lanes
{
    public function __construct(private Connection $connection)
    {
    }

    public function all(int $most, \DateTimeImmutable $releasedSince): array
    {
        $since = $releasedSince->format('Y-m-d H:i:s');
        $rows = $this->connection->fetchAllAssociative(
            "SELECT status, COUNT(*) AS orders FROM work_order WHERE status NOT IN ('released', 'discarded', 'cancelled') GROUP BY status
            UNION ALL SELECT 'released', COUNT(*) FROM work_order WHERE status = 'released' AND released_at >= ?",
            [$since],
        );
        $counts = [];
        foreach ($rows as $row) {
            $counts[Column::text($row, 'status')] = Column::int($row, 'orders');
        }
        $sql = implode(' UNION ALL ', array_map(static fn (Lane $lane): string => '('.self::select($lane, 0, $most).')', Lane::cases()));
        $orders = [];
        foreach ($this->connection->fetchAllAssociative($sql, [$since]) as $row) {
            $orders[Column::text($row, 'lane')][] = self::order($row);
        }

        return array_map(static fn (Lane $lane): LaneState => new LaneState(
            $lane,
            array_sum(array_map(static fn (OrderStatus $status): int => $counts[$status->value] ?? 0, $lane->statuses())),
            $orders[$lane->value] ?? [],
        ), Lane::cases());
    }

    public function closed(int $most): array
    {
        $rows = $this->connection->fetchAllAssociative(
            "SELECT o.number, o.status, o.closed_by, o.closed_at, o.closed_why, b.name FROM work_order o JOIN boat b ON b.id = o.boat_id
             WHERE o.status IN ('discarded', 'cancelled') ORDER BY o.closed_at DESC, o.number DESC LIMIT $most",
        );

        return array_map(static fn (array $row): ClosedOrder => new ClosedOrder(
            Column::int($row, 'number'),
            OrderStatus::from(Column::text($row, 'status')),
            Column::text($row, 'name'),
            new Closing(Column::text($row, 'closed_by'), Column::moment($row, 'closed_at'), Column::text($row, 'closed_why')),
        ), $rows);
    }

    public function page(Lane $lane, int $skip, int $most, \DateTimeImmutable $releasedSince): array
    {
        $since = Lane::Released === $lane ? [$releasedSince->format('Y-m-d H:i:s')] : [];

        return array_map(self::order(...), $this->connection->fetchAllAssociative(self::select($lane, $skip, $most), $since));
    }

    private static function select(Lane $lane, int $skip, int $most): string
    {
        $statuses = implode("', '", array_map(static fn (OrderStatus $status): string => $status->value, $lane->statuses()));

        return \sprintf(
            "SELECT '%s' AS lane, o.number, o.status, o.steps, o.steps_done, o.stopped_by, b.id AS boat_id, b.name AS boat_name,
            o.opened_by, o.opened_at, o.ready_by,
            (SELECT e.account FROM bench_entry e WHERE e.work_order_id = o.number ORDER BY e.sequence DESC LIMIT 1) AS technician
            FROM work_order o JOIN boat b ON b.id = o.boat_id WHERE o.status IN ('%s') %s ORDER BY %s o.number DESC LIMIT %d OFFSET %d",
            $lane->value,
            $statuses,
            Lane::Released === $lane ? 'AND o.released_at >= ?' : '',
            match ($lane) {
                // the latest of all first: what was promised before the others
                Lane::Issued => 'o.ready_by IS NULL, o.ready_by,',
                Lane::Bench => "o.status = 'stopped' DESC, o.ready_by IS NULL, o.ready_by,",
                default => '',
            },
            $most,
            $skip,
        );
    }

    /** @param array<string, mixed> $row */
    private static function order(array $row): LaneOrder
    {
        return new LaneOrder(
            Column::int($row, 'number'),
            OrderStatus::from(Column::text($row, 'status')),
            Column::int($row, 'boat_id'),
            Column::text($row, 'boat_name'),
            new Tally(
                null === $row['steps'] ? 0 : Column::int($row, 'steps'),
                Column::int($row, 'steps_done'),
                null === $row['stopped_by'] ? null : Column::text($row, 'stopped_by'),
            ),
            Column::text($row, 'opened_by'),
            null === $row['technician'] ? null : Column::text($row, 'technician'),
            Column::moment($row, 'opened_at'),
            null === $row['ready_by'] ? null : Column::moment($row, 'ready_by'),
        );
    }
}
