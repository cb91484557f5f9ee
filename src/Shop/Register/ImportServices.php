<?php

declare(strict_types=1);

namespace FreshTack\Shop\Register;

use FreshTack\Core\Reading\InvalidDocument;
use FreshTack\Exchange\ServiceCells;
use FreshTack\Exchange\ServicesCsv;
use FreshTack\Shop\Conflict;
use FreshTack\Shop\NotFound;

/** Last services from a CSV: first what it would give, then all of it or nothing. The same service is written down once. */
final readonly class ImportServices
{
    public function __construct(
        private Register $register,
        private EngineLogs $logs,
        private RecordServed $served,
        private ImportRows $rows,
    ) {
    }

    /** @throws InvalidDocument|Conflict with every flaw, each naming its row */
    public function preview(string $csv, string $by): RegisterImport
    {
        return $this->rows->preview(self::inTheirOrder($csv), fn (ServiceCells $row): array => $this->one($row, $by), ServicesCsv::COLUMNS);
    }

    /** @throws InvalidDocument|Conflict with every flaw; nothing is written then */
    public function apply(string $csv, string $token, string $by): RegisterImport
    {
        return $this->rows->apply(
            self::inTheirOrder($csv),
            $token,
            fn (ServiceCells $row): array => $this->one($row, $by),
            ServicesCsv::COLUMNS,
        );
    }

    /**
     * @return array<int, ServiceCells> by row, the oldest service first
     *
     * @throws InvalidDocument
     */
    private static function inTheirOrder(string $csv): array
    {
        $rows = ServicesCsv::read($csv);
        uasort($rows, static fn (ServiceCells $a, ServiceCells $b): int => $a->on <=> $b->on);

        return $rows;
    }

    /**
     * @return list<string> what is new
     *
     * @throws NotFound|Conflict|InvalidDocument
     */
    private function one(ServiceCells $row, string $by): array
    {
        $engine = $this->register->engineWith($row->serial) ?? throw NotFound::named('engine', $row->serial.' in the register');
        foreach ($this->logs->of($engine->id)->done as $known) {
            if ($known->task === $row->task && $known->on->format('Y-m-d') === $row->on->format('Y-m-d')) {
                return [];
            }
        }
        ($this->served)($engine->id, $row->task, null, $row->on, $row->hours, $row->evidence, $by);

        return [self::told($row)];
    }

    private static function told(ServiceCells $row): string
    {
        return \sprintf('%s: %s on %s', $row->serial, lcfirst($row->task->title()), $row->on->format('j M Y'));
    }
}
