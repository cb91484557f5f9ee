<?php

declare(strict_types=1);

namespace FreshTack\Shop\TakenBack;

use FreshTack\Core\Due\Declined;
use FreshTack\Core\Usage\HourReading;
use FreshTack\Shop\Register\TaskDone;

/** One line of what is written down of an engine, with what was taken back. */
final readonly class LogLine
{
    /**
     * @param string      $by     whose account entered it
     * @param Strike|null $strike null: it counts
     */
    public function __construct(
        public int $id,
        public HourReading|TaskDone|Declined $content,
        public string $by,
        public ?Strike $strike,
    ) {
    }

    public function kind(): LogKind
    {
        return match (true) {
            $this->content instanceof HourReading => LogKind::Reading,
            $this->content instanceof TaskDone => LogKind::Done,
            default => LogKind::Declined,
        };
    }

    /** @return array<string, mixed> for the trail */
    public function told(): array
    {
        return [
            'kind' => $this->kind()->value,
            'line' => $this->id,
            'on' => $this->content->on->format('Y-m-d'),
            'what' => $this->content instanceof HourReading ? $this->content->meter->text().' h' : $this->content->task->value,
        ];
    }
}
