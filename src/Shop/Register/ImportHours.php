<?php

declare(strict_types=1);

namespace FreshTack\Shop\Register;

use FreshTack\Core\ExpectedError;
use FreshTack\Core\Reading\Flaws;
use FreshTack\Core\Reading\InvalidDocument;
use FreshTack\Core\Usage\ReadingSource;
use FreshTack\Exchange\HoursCsv;
use FreshTack\Shop\Conflict;
use FreshTack\Shop\Due\ReckonDues;
use FreshTack\Shop\NotFound;
use FreshTack\Shop\Progress;
use FreshTack\Shop\Unit;

/** Readings from a CSV: first what it would give, then all of it or nothing. A row in doubt is entered by hand, where the question can be answered. */
final readonly class ImportHours
{
    public function __construct(private Register $register, private EngineLogs $logs, private EnterReading $enter, private ReckonDues $reckon, private Unit $unit, private Progress $progress)
    {
    }

    /** @throws InvalidDocument|Conflict with every flaw, each naming its row */
    public function preview(string $csv, string $by): HoursImport
    {
        return $this->unit->trial(fn (): HoursImport => $this->take($csv, '', $by));
    }

    /** @throws InvalidDocument|Conflict|NotFound with every flaw; nothing is written then */
    public function apply(string $csv, string $token, string $by): HoursImport
    {
        return $this->unit->run(function () use ($csv, $token, $by): HoursImport {
            $import = $this->take($csv, $token, $by);
            $engines = array_filter($this->engines(array_column($import->readings, 'serial')));
            array_map(fn (Engine $engine) => $this->reckon->ofEngine($engine->id), $engines);

            return $import;
        });
    }

    /** @throws InvalidDocument */
    private function take(string $csv, string $token, string $by): HoursImport
    {
        $rows = HoursCsv::read($csv);
        uasort($rows, static fn (array $a, array $b): int => $a['on'] <=> $b['on']);
        $engines = $this->engines(array_column($rows, 'serial'));
        $this->reckon->lockWithNeighbours(...array_values(array_map(static fn (Engine $engine): int => $engine->id, array_filter($engines))));
        $flaws = new Flaws();
        $new = [];
        $done = 0;
        foreach ($rows as $number => $row) {
            try {
                $new = [...$new, ...($this->one($row, $engines[$row['serial']], $by) ? [['row' => $number, ...$row]] : [])];
            } catch (ExpectedError $error) {
                $flaws->add("/rows/$number", \sprintf('Row %d, %s: %s', $number, $row['serial'], $error->getMessage()));
            }
            $this->progress->tell($token, ++$done, \count($rows));
        }
        $flaws->throwIfAny();

        return new HoursImport($new, \count($new), \count($rows) - \count($new));
    }

    /**
     * @param list<string> $serials
     *
     * @return array<string, Engine|null> by serial; null: not in the register
     */
    private function engines(array $serials): array
    {
        $engines = [];
        foreach (array_unique($serials) as $serial) {
            $engines[$serial] = $this->register->engineWith($serial);
        }

        return $engines;
    }

    /**
     * @param array{serial: string, on: \DateTimeImmutable, hours: \FreshTack\Core\Quantity\EngineHours} $row
     *
     * @throws NotFound|InvalidDocument|DoubtfulReading
     */
    private function one(array $row, ?Engine $engine, string $by): bool
    {
        $engine ??= throw NotFound::named('engine', $row['serial'].' in the register');
        $before = \count($this->logs->of($engine->id)->hours->readings);
        $this->enter->keep($engine->id, new NewReading($row['on'], $row['hours'], ReadingSource::File), $by);

        return \count($this->logs->of($engine->id)->hours->readings) > $before;
    }
}
