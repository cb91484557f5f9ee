<?php

declare(strict_types=1);

namespace FreshTack\Storage\Chain;

use Doctrine\DBAL\Connection;
use FreshTack\Storage\Column;

/** All chains as their rows stand in the database: to hold them against their seals, and to seal rows of before. */
final readonly class ChainRows
{
    public function __construct(private Connection $connection, private Seal $seal)
    {
    }

    /**
     * @return string|null what does not fit first, such as `entry 3 is not what was written`; null: all of it fits
     */
    public function flawOf(ChainName $chain): ?string
    {
        $end = $this->connection->fetchAssociative('SELECT links, last, head FROM chain_head WHERE name = ?', [$chain->text]);
        $before = '';
        $place = 0;
        foreach ($this->links($chain) as $link) {
            $seal = $this->seal->of($chain, ++$place, $before, $link->content);
            if (!hash_equals($seal, $link->seal)) {
                return $link->name.' is not what was written';
            }
            $before = $seal;
        }
        $links = false === $end ? 0 : Column::int($end, 'links');
        if ($links !== $place) {
            return \sprintf('%d of %d lines are there', $place, $links);
        }

        return false === $end || hash_equals($this->seal->head($chain, $place, $before), Column::text($end, 'head'))
            ? null
            : 'the end of it is not what was written';
    }

    /** Whether anything of it stands here: a row, or its end. */
    public function isThere(ChainName $chain): bool
    {
        return false !== $this->connection->fetchOne('SELECT 1 FROM chain_head WHERE name = ?', [$chain->text])
            || [] !== [...$this->links($chain)];
    }

    /** @return iterable<ChainName> all that there are, by their rows or by their ends */
    public function all(): iterable
    {
        foreach ($this->connection->iterateColumn(
            "SELECT name FROM chain_head
             UNION SELECT CONCAT('order ', number) FROM work_order WHERE document IS NOT NULL OR status NOT IN ('draft', 'discarded')
             UNION SELECT CONCAT('engine ', engine_id) FROM task_done
             UNION SELECT CONCAT('trail ', subject) FROM audit_entry ORDER BY 1",
        ) as $name) {
            yield ChainName::written(\is_string($name) ? $name : '');
        }
    }

    /** Seals, as they stand, the rows of all chains that have no end yet. Interrupted, it can be run again. */
    public function sealAll(): void
    {
        $ended = $this->connection->fetchAllKeyValue('SELECT name, links FROM chain_head');
        foreach ([...$this->all()] as $chain) {
            if (!isset($ended[$chain->text])) {
                $this->connection->transactional(fn () => $this->sealOne($chain));
            }
        }
    }

    private function sealOne(ChainName $chain): void
    {
        $before = '';
        $place = 0;
        foreach ([...$this->links($chain)] as $link) {
            $before = $this->seal->of($chain, ++$place, $before, $link->content);
            $this->connection->update($link->table, [$link->column => $before], $link->key);
        }
        $head = $this->seal->head($chain, $place, $before);
        $this->connection->insert('chain_head', ['name' => $chain->text, 'links' => $place, 'last' => $before, 'head' => $head]);
    }

    /** @return iterable<Link> in their order */
    private function links(ChainName $chain): iterable
    {
        return match ($chain->kind) {
            ChainKind::Order => $this->ofOrder($chain->key),
            ChainKind::Engine => $this->ofRows('task_done', 'engine_id', 'id', Links::DONE, $chain->key, 'service'),
            ChainKind::Trail => $this->ofRows('audit_entry', 'subject', 'id', Links::TRAIL, $chain->key, 'line'),
        };
    }

    /** @return iterable<Link> */
    private function ofOrder(string $number): iterable
    {
        $order = $this->connection->fetchAssociative('SELECT * FROM work_order WHERE number = ?', [$number]);
        if (false === $order || (null === $order['document'] && \in_array($order['status'], ['draft', 'discarded'], true))) {
            return;
        }
        yield new Link(
            'the issued order',
            'work_order',
            'document_seal',
            ['number' => $number],
            Links::content(Links::DOCUMENT, $order),
            self::text($order['document_seal']),
        );
        yield from $this->ofRows('bench_entry', 'work_order_id', 'sequence', Links::ENTRY, $number, 'entry');
        if (null !== $order['record'] || 'released' === $order['status']) {
            yield new Link(
                'the record',
                'work_order',
                'record_seal',
                ['number' => $number],
                Links::content(Links::RECORD, $order),
                self::text($order['record_seal']),
            );
        }
    }

    /**
     * @param list<string> $columns
     *
     * @return iterable<Link>
     */
    private function ofRows(string $table, string $of, string $id, array $columns, string $key, string $name): iterable
    {
        $rows = $this->connection->fetchAllAssociative("SELECT * FROM $table WHERE $of = ? ORDER BY $id", [$key]);
        foreach ($rows as $index => $row) {
            yield new Link(
                \sprintf('%s %d', $name, $index + 1),
                $table,
                'seal',
                [$id => $row[$id]],
                Links::content($columns, $row),
                self::text($row['seal']),
            );
        }
    }

    private static function text(mixed $seal): string
    {
        return \is_string($seal) ? $seal : '';
    }
}
