<?php

declare(strict_types=1);

namespace FreshTack\Shop\Register;

use FreshTack\Core\ExpectedError;
use FreshTack\Core\Reading\Flaws;
use FreshTack\Core\Reading\InvalidDocument;
use FreshTack\Exchange\RowFlaws;
use FreshTack\Exchange\ServiceCells;
use FreshTack\Exchange\ServicesCsv;
use FreshTack\Shop\Conflict;
use FreshTack\Shop\NotFound;
use FreshTack\Shop\Progress;
use FreshTack\Shop\Unit;

/** Last services from a CSV: first what it would give, then all of it or nothing. The same service is written down once. */
final readonly class ImportServices
{
    public function __construct(
        private Register $register,
        private EngineLogs $logs,
        private RecordServed $served,
        private Unit $unit,
        private Progress $progress,
    ) {
    }

    /** @throws InvalidDocument|Conflict with every flaw, each naming its row */
    public function preview(string $csv, string $by): RegisterImport
    {
        return $this->unit->trial(fn (): RegisterImport => $this->take($csv, '', $by));
    }

    /** @throws InvalidDocument|Conflict with every flaw; nothing is written then */
    public function apply(string $csv, string $token, string $by): RegisterImport
    {
        return $this->unit->run(fn (): RegisterImport => $this->take($csv, $token, $by));
    }

    /** @throws InvalidDocument */
    private function take(string $csv, string $token, string $by): RegisterImport
    {
        $rows = ServicesCsv::read($csv);
        uasort($rows, static fn (ServiceCells $a, ServiceCells $b): int => $a->on <=> $b->on);
        $flaws = new Flaws();
        $new = [];
        $done = 0;
        foreach ($rows as $number => $row) {
            try {
                $new = $this->one($row, $by) ? [...$new, self::told($row)] : $new;
            } catch (InvalidDocument $error) {
                RowFlaws::add($error, $number, $flaws);
            } catch (ExpectedError $error) {
                $flaws->add("/rows/$number", \sprintf('Row %d: %s', $number, $error->getMessage()));
            }
            $this->progress->tell($token, ++$done, \count($rows));
        }
        $flaws->throwIfAny();

        return new RegisterImport($new, \count($rows) - \count($new));
    }

    /** @throws NotFound|Conflict|InvalidDocument */
    private function one(ServiceCells $row, string $by): bool
    {
        $engine = $this->register->engineWith($row->serial) ?? throw NotFound::named('engine', $row->serial.' in the register');
        foreach ($this->logs->of($engine->id)->done as $known) {
            if ($known->task === $row->task && $known->on->format('Y-m-d') === $row->on->format('Y-m-d')) {
                return false;
            }
        }
        ($this->served)($engine->id, $row->task, null, $row->on, $row->hours, $row->evidence, $by);

        return true;
    }

    private static function told(ServiceCells $row): string
    {
        return \sprintf('%s: %s on %s', $row->serial, lcfirst($row->task->title()), $row->on->format('j M Y'));
    }
}
