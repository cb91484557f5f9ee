<?php

declare(strict_types=1);

namespace FreshTack\Storage;

use Doctrine\DBAL\ArrayParameterType;
use Doctrine\DBAL\Connection;
use Doctrine\DBAL\ParameterType;
use FreshTack\Shop\Register\Boat;
use FreshTack\Shop\Register\Customer;
use FreshTack\Shop\Register\Engine;

/** The pieces of words by which boats, customers and engines in store are found. */
final readonly class SearchIndex
{
    public function __construct(private Connection $connection)
    {
    }

    public function boat(Boat $boat): void
    {
        $models = array_map(static fn (Engine $engine): string => $engine->model, $boat->engines);
        $serials = array_map(static fn (Engine $engine): string => $engine->serial, $boat->engines);
        $this->write('boat', $boat->id, SearchWords::pieces([$boat->name, $boat->owner->name, ...$models], [$boat->registration, ...$serials]));
    }

    public function customer(Customer $customer): void
    {
        $this->write('customer', $customer->id, SearchWords::pieces([$customer->name], null === $customer->phone ? [] : [$customer->phone]));
    }

    /** Only an engine on no boat is found by itself; the others with their boat. */
    public function engine(Engine $engine): void
    {
        $this->write('engine', $engine->id, null === $engine->boatId ? SearchWords::pieces([$engine->model], [$engine->serial]) : []);
    }

    public function forget(string $kind, int $ref): void
    {
        $this->connection->executeStatement('DELETE FROM search_piece WHERE kind = ? AND ref = ?', [$kind, $ref]);
    }

    /** @return list<int> refs that have all words, those in which the longest begins a word first */
    public function find(string $kind, string $text, int $most): array
    {
        $words = SearchWords::of($text);
        if ([] === $words) {
            return [];
        }
        usort($words, static fn (string $a, string $b): int => [\strlen($b), $a] <=> [\strlen($a), $b]);
        $found = $this->ask($kind, false, $words, [], $most);

        return \count($found) < $most ? [...$found, ...$this->ask($kind, true, $words, $found, $most - \count($found))] : $found;
    }

    /**
     * @param non-empty-list<string> $words the longest first
     * @param list<int>              $known left out
     *
     * @return list<int>
     */
    private function ask(string $kind, bool $inside, array $words, array $known, int $most): array
    {
        $all = implode('', array_map(static fn (string $word): string => ' AND EXISTS (SELECT 1 FROM search_piece q WHERE q.kind = p.kind AND q.ref = p.ref AND q.piece LIKE ?'.(\strlen($word) < SearchWords::SHORTEST_INSIDE ? ' AND NOT q.inside' : '').')', \array_slice($words, 1)));
        $rows = $this->connection->fetchFirstColumn(
            'SELECT DISTINCT p.ref FROM search_piece p WHERE p.kind = ? AND p.inside = ? AND p.piece LIKE ?'.$all.([] === $known ? '' : ' AND p.ref NOT IN (?)').' LIMIT '.$most,
            [$kind, $inside, ...array_map(static fn (string $word): string => $word.'%', $words), ...([] === $known ? [] : [$known])],
            [ParameterType::STRING, ParameterType::BOOLEAN, ...array_fill(0, \count($words), ParameterType::STRING), ...([] === $known ? [] : [ArrayParameterType::INTEGER])],
        );

        return array_map(static fn (mixed $ref): int => is_numeric($ref) ? (int) $ref : 0, $rows);
    }

    /** @param array<int|string, bool> $pieces of digits alone are whole numbers here */
    private function write(string $kind, int $ref, array $pieces): void
    {
        $this->forget($kind, $ref);
        foreach (array_chunk($pieces, 100, true) as $chunk) {
            $values = [];
            foreach ($chunk as $piece => $inside) {
                array_push($values, $kind, (int) $inside, (string) $piece, $ref);
            }
            $this->connection->executeStatement('INSERT INTO search_piece (kind, inside, piece, ref) VALUES '.implode(', ', array_fill(0, \count($chunk), '(?, ?, ?, ?)')), $values);
        }
    }
}
