<?php

declare(strict_types=1);

namespace FreshTack\Shop\Parts;

use FreshTack\Core\Parts\CatalogueCheck;
use FreshTack\Core\Parts\CataloguePart;
use FreshTack\Core\Reading\Flaws;
use FreshTack\Core\Reading\InvalidDocument;
use FreshTack\Exchange\PartsCsv;
use FreshTack\Shop\Account\Account;
use FreshTack\Shop\Audit\AuditLog;
use FreshTack\Shop\Audit\Subject;
use FreshTack\Shop\Conflict;
use FreshTack\Shop\Progress;
use FreshTack\Shop\Unit;

/** Parts and prices from a CSV: first what would change, then all of it or nothing. Parts that the file does not name stay as they are. */
final readonly class ImportParts
{
    public function __construct(private Catalogue $catalogue, private AuditLog $audit, private Unit $unit, private Progress $progress)
    {
    }

    /** @throws InvalidDocument with every flaw, each naming its row */
    public function preview(string $csv): PartsImport
    {
        $rows = PartsCsv::read($csv);
        $known = $this->catalogue->all();
        $changes = [];
        $same = 0;
        $pointers = [];
        $after = $known;
        $flaws = new Flaws();
        $numbers = array_column($known, 'number');
        $written = array_combine(array_map(strtoupper(...), $numbers), $numbers);
        foreach ($rows as $row => $part) {
            $before = $known[$part->number] ?? null;
            $there = $written[strtoupper($part->number)] ?? $part->number;
            if ($there !== $part->number) {
                $flaws->add(
                    "/rows/$row/number",
                    \sprintf('Row %d: %s stands in the catalogue as %s. Write it the same way.', $row, $part->number, $there),
                );
            }
            $after[$part->number] = $part;
            if (null !== $before && self::told($before) === self::told($part)) {
                ++$same;
            } else {
                $changes[] = new PartChange($row, $before, $part);
                $pointers[$part->number] = "/rows/$row";
            }
        }
        CatalogueCheck::check($after, $pointers, $flaws);
        $flaws->throwIfAny();

        return new PartsImport($changes, $same);
    }

    /** @throws InvalidDocument|Conflict with every flaw; nothing is written then */
    public function apply(string $csv, string $token, Account $by): PartsImport
    {
        return $this->unit->run(function () use ($csv, $token, $by): PartsImport {
            $import = $this->preview($csv);
            $parts = array_map(static fn (PartChange $change): CataloguePart => $change->after, $import->changes);
            $this->catalogue->write($parts, fn (int $done) => $this->progress->tell($token, $done, \count($parts)));
            $this->audit->add(
                $by->username,
                'parts.imported',
                Subject::catalogue(),
                ['changed' => \count($parts), 'same' => $import->same],
            );

            return $import;
        });
    }

    /** @return array<mixed> */
    private static function told(CataloguePart $part): array
    {
        return [...get_object_vars($part), 'origin' => $part->origin->value, 'arrivesOn' => $part->arrivesOn?->format('Y-m-d'), 'kit' => array_map(get_object_vars(...), $part->kit)];
    }
}
