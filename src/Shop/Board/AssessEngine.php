<?php

declare(strict_types=1);

namespace FreshTack\Shop\Board;

use FreshTack\Core\Quantity\EngineHours;
use FreshTack\Core\Schedule\DueBook;
use FreshTack\Core\Schedule\EngineNow;
use FreshTack\Core\SpecBook\SpecSheet;
use FreshTack\Shop\Book\IdentifyEngine;
use FreshTack\Shop\Book\SpecBook;
use FreshTack\Shop\Register\Engine;
use FreshTack\Shop\Register\EngineHistory;
use FreshTack\Shop\ShopSettings;
use FreshTack\Shop\Today;

final readonly class AssessEngine
{
    public function __construct(private IdentifyEngine $identify, private SpecBook $book, private ShopSettings $settings, private Today $today)
    {
    }

    /** @param EngineHours|null $hours as read now; without a meter the calendar decides alone */
    public function __invoke(Engine $engine, EngineHistory $history, ?EngineHours $hours): EngineAssessment
    {
        $match = ($this->identify)($engine->plate());
        $sheet = null === $match->head ? null : $this->book->sheet($match->head);

        return new EngineAssessment($engine, $hours, $match, $sheet, null === $sheet ? [] : $this->dues($sheet, $engine, $history, $hours));
    }

    /** @return list<TaskDue> of the tasks that the book knows how to do and the sheet schedules */
    private function dues(SpecSheet $sheet, Engine $engine, EngineHistory $history, ?EngineHours $hours): array
    {
        $book = new DueBook($this->settings->duePolicy());
        $now = new EngineNow(($this->today)(), $hours, $engine->inService);
        $dues = [];
        foreach ($this->book->tasks() as $task) {
            $interval = $sheet->interval($task);
            if (null !== $interval) {
                $dues[] = new TaskDue($task, $interval, $book->assess($interval, $history->last($task), $now));
            }
        }

        return $dues;
    }
}
