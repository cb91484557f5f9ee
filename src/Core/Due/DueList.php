<?php

declare(strict_types=1);

namespace FreshTack\Core\Due;

use FreshTack\Core\Policy\Question;
use FreshTack\Core\Policy\Schools;
use FreshTack\Core\Schedule\DueAssessment;
use FreshTack\Core\Schedule\DueBook;
use FreshTack\Core\Schedule\DuePolicy;
use FreshTack\Core\Schedule\EngineNow;
use FreshTack\Core\Schedule\HardUses;
use FreshTack\Core\Schedule\Interval;
use FreshTack\Core\Schedule\LastDone;
use FreshTack\Core\SpecBook\SpecSheet;
use FreshTack\Core\SpecBook\Task;
use FreshTack\Core\Usage\UseRate;

/** All that a sheet schedules for an engine, each task once, with its state and its forecast. */
final readonly class DueList
{
    private DueBook $book;

    public function __construct(DuePolicy $policy, private ?Schools $schools = null)
    {
        $this->book = new DueBook($policy);
    }

    /**
     * @param \DateTimeImmutable $readOn the day of the reading that the hours come from
     * @param UseRate|null       $rate   null if nothing is known of it
     * @param list<Task>|null    $asked  only these and what they are part of; null: all
     *
     * @return list<TaskDue> in the trade's order
     */
    public function of(SpecSheet $sheet, EngineRecord $record, EngineNow $now, \DateTimeImmutable $readOn, ?UseRate $rate, HardUses $uses, ?array $asked = null): array
    {
        $dues = [];
        $longer = array_map(static fn (Task $task): ?Task => $task->partOf(), $asked ?? []);
        foreach (null === $asked ? $sheet->tasks() : array_filter(Task::cases(), static fn (Task $task): bool => \in_array($task, [...$asked, ...$longer], true)) as $task) {
            $interval = $this->interval($sheet, $task);
            if (null !== $interval) {
                $dues[$task->value] = $this->one($task, $interval, $record, $now, $readOn, $rate, $uses);
            }
        }

        return array_values(array_map(static fn (TaskDue $due): TaskDue => self::once($due, $dues), $dues));
    }

    /**
     * The sheet's; where it gives the oil an early limit and is silent about the filter's, the shop's school decides
     * whether the filter goes with the first oil change.
     */
    private function interval(SpecSheet $sheet, Task $task): ?Interval
    {
        $interval = $sheet->interval($task);
        $early = Task::OilFilter === $task ? $sheet->interval(Task::EngineOil)?->first : null;
        $withEvery = ($this->schools ?? Schools::standard())->is(Question::FirstFilter, 'with_every');

        return null !== $interval && null === $interval->first && null !== $early && $withEvery ? new Interval($early, $interval->every, $interval->action, $interval->severe) : $interval;
    }

    private function one(Task $task, Interval $interval, EngineRecord $record, EngineNow $now, \DateTimeImmutable $readOn, ?UseRate $rate, HardUses $uses): TaskDue
    {
        $last = $record->served->last($task->component(), $interval->action);
        $assessment = $this->book->assess($interval, $last, $now);
        $ahead = null !== $assessment->hoursLeftTenths && $assessment->hoursLeftTenths > 0;

        return new TaskDue(
            $task,
            $interval,
            $last,
            $assessment,
            $this->book->times($interval, $last, $assessment, $now, $readOn),
            $ahead ? $rate?->reach($assessment->hoursLeftTenths, $readOn) : null,
            $this->severe($interval, $last, $now, $uses, $assessment),
            $record->declinedSince($task, $last?->on),
        );
    }

    private function severe(Interval $interval, ?LastDone $last, EngineNow $now, HardUses $uses, DueAssessment $usual): ?SevereProposal
    {
        $judged = $this->book->underSevereUse($interval, $uses, $last, $now);
        $met = null === $interval->severe ? [] : $uses->among($interval->severe->uses);

        return null === $judged || null === $interval->severe || [] === $met || $judged->state->weight() <= $usual->state->weight() ? null : new SevereProposal($met, $interval->severe->every, $judged);
    }

    /** @param array<string, TaskDue> $dues by task */
    private static function once(TaskDue $due, array $dues): TaskDue
    {
        $longer = $due->task->partOf();
        $other = null === $longer ? null : $dues[$longer->value] ?? null;

        return null !== $other && $other->isCalledFor() ? $due->within($other->task) : $due;
    }
}
