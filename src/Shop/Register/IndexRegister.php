<?php

declare(strict_types=1);

namespace FreshTack\Shop\Register;

use FreshTack\Shop\Board\Search;
use FreshTack\Shop\Conflict;
use FreshTack\Shop\Due\Background;
use FreshTack\Shop\Due\DueIndex;
use FreshTack\Shop\Due\MarkStale;
use FreshTack\Shop\Unit;

/** Makes all that is kept beside the register anew: after an upgrade, or when it is in doubt. */
final readonly class IndexRegister
{
    private const BATCH = 200;

    public function __construct(private Register $register, private Search $search, private DueIndex $dues, private MarkStale $mark, private Background $background, private Unit $unit)
    {
    }

    /**
     * @param \Closure(int): void $progress told the boats done so far
     *
     * @throws Conflict if a boat was changed meanwhile; what was done so far stays done
     */
    public function __invoke(bool $onlyMissing, \Closure $progress): string
    {
        if ($onlyMissing && !$this->search->isEmpty()) {
            return 'The search is there already.'.$this->catchUp();
        }
        $done = 0;
        $after = 0;
        while ([] !== $batch = $this->register->boatsFrom($after, self::BATCH)) {
            $this->unit->run(function () use ($batch): void {
                array_map($this->search->index(...), $batch);
            });
            $this->unit->letGo();
            $after = $batch[\count($batch) - 1]->id;
            $progress($done += \count($batch));
        }
        $this->unit->run(function (): void {
            $this->search->indexOthers();
            ($this->mark)(null);
        });

        return \sprintf('%d boats can be found again; what is due is being worked out.', $done);
    }

    /** Marks that an interrupted upgrade or worker has left are asked for once more. */
    private function catchUp(): string
    {
        $stale = $this->dues->stale();
        if (0 === $stale) {
            return '';
        }
        $this->background->reckonStale();

        return \sprintf(' %d engines are being worked out.', $stale);
    }
}
