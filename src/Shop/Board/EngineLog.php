<?php

declare(strict_types=1);

namespace FreshTack\Shop\Board;

use FreshTack\Shop\Register\Boat;
use FreshTack\Shop\Register\EngineHistory;
use FreshTack\Shop\Register\Fitting;
use FreshTack\Shop\Register\ReaderReport;
use FreshTack\Shop\TakenBack\LogLine;

final readonly class EngineLog
{
    /**
     * @param Boat|null          $boat     null: in store
     * @param list<Fitting>      $fittings oldest first
     * @param list<ReaderReport> $reports  newest first
     * @param list<array<mixed>> $records  service records, newest first
     * @param list<LogLine>      $lines    what was taken back with it
     * @param bool               $hasMoved whether its last move can be taken back
     * @param list<string>       $flaws    what does not fit its seal; records that don't are left out
     */
    public function __construct(
        public ?Boat $boat,
        public EngineAssessment $engine,
        public EngineHistory $history,
        public array $fittings,
        public array $reports,
        public array $records,
        public array $flaws,
        public array $lines,
        public bool $hasMoved,
    ) {
    }
}
