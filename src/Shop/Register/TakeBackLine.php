<?php

declare(strict_types=1);

namespace FreshTack\Shop\Register;

use FreshTack\Core\Quantity\InvalidQuantity;
use FreshTack\Core\Reading\InvalidDocument;
use FreshTack\Core\Usage\HourReading;
use FreshTack\Shop\Audit\AuditLog;
use FreshTack\Shop\Audit\Subject;
use FreshTack\Shop\Conflict;
use FreshTack\Shop\Due\ReckonDues;
use FreshTack\Shop\NotFound;
use FreshTack\Shop\Order\OrderFile;
use FreshTack\Shop\Order\Orders;
use FreshTack\Shop\Order\OrderStatus;
use FreshTack\Shop\TakenBack\LogKind;
use FreshTack\Shop\TakenBack\LogLine;
use FreshTack\Shop\TakenBack\Strike;
use FreshTack\Shop\Unit;
use Psr\Clock\ClockInterface;

/**
 * Strikes a line of an engine's log, and works out anew what rests on it. A reading may be put right in the same go;
 * drafts that were opened with the wrong figure get the right one. A struck line stays to be read, and can be brought back.
 */
final readonly class TakeBackLine
{
    public function __construct(
        private Register $register,
        private EngineLogs $logs,
        private EnterReading $enter,
        private JudgeReading $judge,
        private Orders $orders,
        private ReckonDues $reckon,
        private AuditLog $audit,
        private Unit $unit,
        private ClockInterface $clock,
    ) {
    }

    /**
     * @param NewReading|null $instead of a reading: what the meter showed indeed
     *
     * @throws NotFound|Conflict|InvalidDocument|InvalidQuantity|DoubtfulReading if it is taken back already or was done by an order, or
     *                                                           the other reading can't be right
     */
    public function strike(int $engineId, LogKind $kind, int $line, string $why, ?NewReading $instead, string $by): void
    {
        $this->unit->run(function () use ($engineId, $kind, $line, $why, $instead, $by): void {
            $this->reckon->lockWithNeighbours($engineId);
            $struck = $this->logs->line($engineId, $kind, $line);
            $this->checkStanding($struck);
            $this->logs->strike($kind, $line, new Strike($by, $this->clock->now(), $why));
            $this->audit->add($by, 'engine.taken_back', Subject::engine($engineId), [...self::told($struck), 'why' => $why]);
            if ($struck->content instanceof HourReading) {
                $right = null === $instead ? null : $this->enter->keep($engineId, $instead, $by, $struck->content);
                $this->putRight($engineId, $struck->content, $right ?? $this->logs->of($engineId)->hours->latest(), $by);
            }
            $this->reckon->ofEngine($engineId);
        });
    }

    /** @throws NotFound|Conflict if it counts, or does not fit what was read since */
    public function restore(int $engineId, LogKind $kind, int $line, string $by): void
    {
        $this->unit->run(function () use ($engineId, $kind, $line, $by): void {
            $this->reckon->lockWithNeighbours($engineId);
            $struck = $this->logs->line($engineId, $kind, $line);
            null !== $struck->strike || throw Conflict::countsAlready();
            if ($struck->content instanceof HourReading) {
                $this->checkFits($engineId, $struck->content);
            }
            $this->logs->restore($kind, $line);
            $this->audit->add($by, 'engine.brought_back', Subject::engine($engineId), self::told($struck));
            $this->reckon->ofEngine($engineId);
        });
    }

    /** @throws Conflict */
    private function checkStanding(LogLine $line): void
    {
        if (null !== $line->strike) {
            throw Conflict::alreadyDecided('This line', 'taken back', $line->strike->by);
        }
        if ($line->content instanceof TaskDone && !$line->content->elsewhere) {
            throw Conflict::doneByOrder($line->content->evidence);
        }
    }

    /** @throws NotFound|Conflict */
    private function checkFits(int $engineId, HourReading $reading): void
    {
        $engine = $this->register->engine($engineId);
        $use = null === $engine->boatId ? null : $this->register->boat($engine->boatId)->use;
        $question = ($this->judge)($engine, $use, $this->logs->of($engineId), $reading);
        if (null !== $question && !$question->doubt->canBeConfirmed()) {
            throw Conflict::doesNotFit($question->message);
        }
    }

    /**
     * Drafts that were opened with the figure that was struck.
     *
     * @throws NotFound|Conflict|InvalidQuantity
     */
    private function putRight(int $engineId, HourReading $wrong, ?HourReading $right, string $by): void
    {
        $boatId = $this->register->engine($engineId)->boatId;
        $open = null === $boatId ? [] : $this->orders->openOf($boatId);
        foreach (array_filter($open, static fn (OrderFile $file): bool => OrderStatus::Draft === $file->status) as $file) {
            $put = null === $right ? $file->draft : $file->draft->withHours($engineId, $wrong->meter, $right->meter);
            if ($put !== $file->draft) {
                $this->orders->saveDraft($file->number, $file->version, $put);
                $detail = ['engine' => $engineId, 'from' => $wrong->meter->text(), 'to' => $right?->meter->text()];
                $this->audit->add($by, 'order.hours_put_right', Subject::order($file->number), $detail);
            }
        }
    }

    /** @return array<string, mixed> */
    private static function told(LogLine $line): array
    {
        $content = $line->content;

        return [
            'kind' => $line->kind()->value,
            'line' => $line->id,
            'on' => $content->on->format('Y-m-d'),
            'what' => $content instanceof HourReading ? $content->meter->text().' h' : $content->task->value,
        ];
    }
}
