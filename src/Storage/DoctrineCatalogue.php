<?php

declare(strict_types=1);

namespace FreshTack\Storage;

use Doctrine\DBAL\ArrayParameterType;
use Doctrine\DBAL\Connection;
use FreshTack\Core\Parts\CataloguePart;
use FreshTack\Core\Parts\KitLine;
use FreshTack\Core\Parts\Origin;
use FreshTack\Core\Parts\Supersession;
use FreshTack\Shop\Conflict;
use FreshTack\Shop\NotFound;
use FreshTack\Shop\Parts\Catalogue;

/** Plain SQL throughout: a catalogue is read and written by the ten thousand. */
final readonly class DoctrineCatalogue implements Catalogue
{
    private const COLUMNS = 'number, description, maker, origin, pack_size, bin, in_stock, price_minor, superseded_by, on_order, arrives_on, substitute_for';
    private const BATCH = 400;

    public function __construct(private Connection $connection)
    {
    }

    public function all(): array
    {
        return $this->parts($this->connection->fetchAllAssociative('SELECT '.self::COLUMNS.' FROM part ORDER BY number'), $this->connection->fetchAllAssociative('SELECT kit, part, count FROM kit_line ORDER BY kit, part'));
    }

    public function find(array $numbers): array
    {
        $parts = [] === $numbers ? [] : $this->withKits('number IN (?)', [$numbers], [ArrayParameterType::STRING]);

        return array_column(array_map(static fn (CataloguePart $part): array => [$part->number, $part], $parts), 1, 0);
    }

    public function search(string $text, int $most): array
    {
        $pattern = addcslashes(trim($text), '%_\\').'%';

        return $this->withKits('number LIKE ? OR description LIKE ? OR description LIKE ? ORDER BY number LIMIT '.$most, [$pattern, $pattern, '% '.$pattern]);
    }

    public function get(string $number): CataloguePart
    {
        return $this->withKits('number = ?', [$number])[0] ?? throw NotFound::named('part', $number);
    }

    public function version(string $number): int
    {
        $version = $this->connection->fetchOne('SELECT version FROM part WHERE number = ?', [$number]);

        return is_numeric($version) ? (int) $version : throw NotFound::named('part', $number);
    }

    public function unknown(array $numbers): array
    {
        $known = $this->connection->fetchFirstColumn('SELECT number FROM part WHERE number IN (?)', [$numbers], [ArrayParameterType::STRING]);

        return array_values(array_diff($numbers, array_filter($known, \is_string(...))));
    }

    public function chain(string $number): array
    {
        $rows = $this->connection->fetchAllAssociative('SELECT number, superseded_by FROM part WHERE superseded_by IS NOT NULL');
        $newer = array_column($rows, 'superseded_by', 'number');
        /** @var array<string, string> $newer */
        $supersession = new Supersession($newer);
        $older = array_filter(array_map(strval(...), array_keys($newer)), static fn (string $each): bool => \in_array($number, $supersession->chain($each), true));
        $named = array_values(array_unique([...$older, ...$supersession->chain($number)]));
        $parts = array_column(array_map(static fn (CataloguePart $part): array => [$part->number, $part], $this->withKits('number IN (?)', [$named], [ArrayParameterType::STRING])), 1, 0);
        usort($named, static fn (string $a, string $b): int => \count($supersession->chain($b)) <=> \count($supersession->chain($a)));

        return array_values(array_filter(array_map(static fn (string $each): ?CataloguePart => $parts[$each] ?? null, $named)));
    }

    public function kitsWith(string $number): array
    {
        return $this->withKits('number IN (SELECT kit FROM kit_line WHERE part = ?) ORDER BY number', [$number]);
    }

    public function save(CataloguePart $part, ?int $version): void
    {
        $row = $this->row($part);
        if (null === $version) {
            $there = $this->withKits('number = ?', [$part->number])[0] ?? null;
            null === $there || throw Conflict::partThere($there->number, $there->description, $there->bin);
            $this->connection->insert('part', [...$row, 'version' => 1]);
        } else {
            $known = ['number' => $this->written($part->number), 'version' => $version];
            1 === $this->connection->update('part', [...$row, 'version' => $version + 1], $known)
                || throw Conflict::changedMeanwhile('Part '.$part->number);
        }
        $this->kits([$part]);
    }

    public function write(array $parts, \Closure $progress): void
    {
        foreach (array_chunk($parts, self::BATCH) as $index => $batch) {
            $cells = array_merge(...array_map(fn (CataloguePart $part): array => array_values($this->row($part)), $batch));
            $marks = implode(', ', array_fill(0, \count($batch), '(?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, 1)'));
            $this->connection->executeStatement('INSERT INTO part ('.self::COLUMNS.", version) VALUES $marks ON DUPLICATE KEY UPDATE description = VALUES(description), maker = VALUES(maker), origin = VALUES(origin), pack_size = VALUES(pack_size), bin = VALUES(bin), in_stock = VALUES(in_stock), price_minor = VALUES(price_minor), superseded_by = VALUES(superseded_by), on_order = VALUES(on_order), arrives_on = VALUES(arrives_on), substitute_for = VALUES(substitute_for), version = version + 1", $cells);
            $this->kits($batch);
            $progress($index * self::BATCH + \count($batch));
        }
    }

    /**
     * Sheets and kits name a part letter by letter, so nobody changes how it is written; the column itself does not tell
     * capitals from small letters, since no maker does.
     *
     * @throws Conflict
     */
    private function written(string $number): string
    {
        $there = $this->withKits('number = ?', [$number])[0] ?? null;

        return null === $there || $there->number === $number
            ? $number
            : throw Conflict::partThere($there->number, $there->description, $there->bin);
    }

    /** @param list<CataloguePart> $parts */
    private function kits(array $parts): void
    {
        $this->connection->executeStatement('DELETE FROM kit_line WHERE kit IN (?)', [array_map(static fn (CataloguePart $part): string => $part->number, $parts)], [ArrayParameterType::STRING]);
        foreach ($parts as $part) {
            foreach ($part->kit as $line) {
                $this->connection->insert('kit_line', ['kit' => $part->number, 'part' => $line->part, 'count' => $line->count]);
            }
        }
    }

    /** @return array<string, mixed> */
    private function row(CataloguePart $part): array
    {
        return ['number' => $part->number, 'description' => $part->description, 'maker' => $part->maker, 'origin' => $part->origin->value, 'pack_size' => $part->packSize, 'bin' => $part->bin, 'in_stock' => $part->inStock, 'price_minor' => $part->priceMinor, 'superseded_by' => $part->supersededBy, 'on_order' => $part->onOrder, 'arrives_on' => $part->arrivesOn?->format('Y-m-d'), 'substitute_for' => $part->substituteFor];
    }

    /**
     * @param list<mixed>                                $parameters
     * @param array<int<0, max>, ArrayParameterType::*> $types
     *
     * @return list<CataloguePart>
     */
    private function withKits(string $where, array $parameters, array $types = []): array
    {
        $rows = $this->connection->fetchAllAssociative('SELECT '.self::COLUMNS.' FROM part WHERE '.$where, $parameters, $types);
        $numbers = array_map(static fn (array $row): string => Column::text($row, 'number'), $rows);
        $kits = [] === $rows ? [] : $this->connection->fetchAllAssociative('SELECT kit, part, count FROM kit_line WHERE kit IN (?) ORDER BY part', [$numbers], [ArrayParameterType::STRING]);

        return array_values($this->parts($rows, $kits));
    }

    /**
     * @param list<array<string, mixed>> $rows
     * @param list<array<string, mixed>> $kits
     *
     * @return array<string, CataloguePart>
     */
    private function parts(array $rows, array $kits): array
    {
        $lines = [];
        foreach ($kits as $line) {
            $lines[Column::text($line, 'kit')][] = new KitLine(Column::text($line, 'part'), Column::int($line, 'count'));
        }
        $parts = [];
        foreach ($rows as $row) {
            $number = Column::text($row, 'number');
            $parts[$number] = new CataloguePart($number, Column::text($row, 'description'), Column::text($row, 'maker'), Origin::from(Column::text($row, 'origin')), Column::int($row, 'pack_size'), Column::text($row, 'bin'), Column::int($row, 'in_stock'), Column::int($row, 'price_minor'), null === $row['superseded_by'] ? null : Column::text($row, 'superseded_by'), $lines[$number] ?? [], Column::int($row, 'on_order'), null === $row['arrives_on'] ? null : Column::day($row, 'arrives_on'), null === $row['substitute_for'] ? null : Column::text($row, 'substitute_for'));
        }

        return $parts;
    }
}
