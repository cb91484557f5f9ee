<?php

declare(strict_types=1);

namespace FreshTack\Shop\Board;

use FreshTack\Shop\NotFound;
use FreshTack\Shop\Order\OrderFile;
use FreshTack\Shop\Order\Orders;
use FreshTack\Shop\Register\Engine;
use FreshTack\Shop\Register\EngineLogs;
use FreshTack\Shop\Register\Fitting;
use FreshTack\Shop\Register\Register;
use FreshTack\Shop\Seal\SealBroken;
use FreshTack\Shop\Seal\Seals;
use FreshTack\Shop\TakenBack\Moves;

/** All that is written down of one engine, whatever boats it hung on. */
final readonly class ShowEngineLog
{
    public function __construct(
        private Register $register,
        private EngineLogs $logs,
        private AssessEngine $assess,
        private Orders $orders,
        private Seals $seals,
        private Moves $moves,
    ) {
    }

    /** @throws NotFound */
    public function __invoke(int $engineId): EngineLog
    {
        $engine = $this->register->engine($engineId);
        $boat = null === $engine->boatId ? null : $this->register->boat($engine->boatId);
        $history = $this->logs->of($engineId);
        $fittings = $this->register->fittings($engineId);
        $assessed = ($this->assess)($engine, $boat, $history, $engine->hasMeter ? $history->hours->latest() : null);

        $flaw = $this->seals->flawOfEngine($engineId);
        $flaws = null === $flaw ? [] : [\sprintf('What was done does not fit its seal: %s.', $flaw)];
        $sound = [];
        foreach ($this->records($engine, $fittings) as $number => $record) {
            $flaw = $this->seals->flawOfOrder($number);
            if (null === $flaw) {
                $sound[] = $record;
            } else {
                $flaws[] = SealBroken::ofOrder($number, $flaw)->getMessage();
            }
        }

        return new EngineLog($boat, $assessed, $history, $fittings, $this->logs->reports($engineId), $sound, $flaws, $this->logs->lines($engineId), null !== $this->moves->last($engineId));
    }

    /**
     * @param list<Fitting> $fittings
     *
     * @return array<int, array<mixed>> service records in which the engine stands, by order, newest first
     */
    private function records(Engine $engine, array $fittings): array
    {
        $boats = array_unique(array_filter([$engine->boatId, ...array_map(static fn (Fitting $fitting): int => $fitting->boatId, $fittings)], static fn (?int $id): bool => null !== $id));
        $files = array_merge(...array_map($this->orders->ofBoat(...), array_values($boats)));
        usort($files, static fn (OrderFile $a, OrderFile $b): int => $b->number <=> $a->number);
        $records = [];
        foreach ($files as $file) {
            $engines = $file->record['engines'] ?? null;
            if (null !== $file->record && \in_array($engine->serial, array_column(\is_array($engines) ? $engines : [], 'serial'), true)) {
                $records[$file->number] = $file->record;
            }
        }

        return $records;
    }
}
