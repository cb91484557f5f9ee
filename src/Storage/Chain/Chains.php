<?php

declare(strict_types=1);

namespace FreshTack\Storage\Chain;

use Doctrine\DBAL\Connection;
use FreshTack\Storage\Column;

/** Puts links to the end of chains. The end of each is kept, and held until the unit of work is over. */
final readonly class Chains
{
    public function __construct(private Connection $connection, private Seal $seal)
    {
    }

    /**
     * @param array<string> $content its columns, always in the same order
     *
     * @return string the seal of the new link
     */
    public function append(ChainName $chain, array $content): string
    {
        $end = $this->connection->fetchAssociative('SELECT links, last FROM chain_head WHERE name = ? FOR UPDATE', [$chain->text]);
        [$links, $before] = false === $end ? [0, ''] : [Column::int($end, 'links'), Column::text($end, 'last')];
        $seal = $this->seal->of($chain, $links + 1, $before, $content);
        $row = ['links' => $links + 1, 'last' => $seal, 'head' => $this->seal->head($chain, $links + 1, $seal)];
        if (false === $end) {
            // two who begin it at once: the second is refused, and begins its unit of work anew
            $this->connection->insert('chain_head', ['name' => $chain->text, ...$row]);
        } else {
            $this->connection->update('chain_head', $row, ['name' => $chain->text]);
        }

        return $seal;
    }

    /**
     * Writes a row as a link of its own.
     *
     * @param list<string>         $sealed which of its columns the seal is over
     * @param array<string, mixed> $row    by column, without the seal
     */
    public function insert(string $table, ChainName $chain, array $sealed, array $row): void
    {
        $this->connection->insert($table, [...$row, 'seal' => $this->append($chain, Links::content($sealed, $row))]);
    }

    /** Begins it anew, for what is made again before anybody has added to it. */
    public function restart(ChainName $chain): void
    {
        $this->connection->update(
            'chain_head',
            ['links' => 0, 'last' => '', 'head' => $this->seal->head($chain, 0, '')],
            ['name' => $chain->text],
        );
    }
}
