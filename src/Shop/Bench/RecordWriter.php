<?php

declare(strict_types=1);

namespace FreshTack\Shop\Bench;

use FreshTack\Core\Bench\Entry;
use FreshTack\Core\Bench\EntryKind;
use FreshTack\Core\Fluid\Reconciliation;
use FreshTack\Core\Quantity\EngineHours;
use FreshTack\Core\Quantity\InvalidQuantity;
use FreshTack\Core\Reading\Cursor;
use FreshTack\Core\Schedule\Action;
use FreshTack\Core\Schedule\InvalidSchedule;
use FreshTack\Core\Schedule\Limit;
use FreshTack\Core\SpecBook\Task;
use FreshTack\Shop\Account\Accounts;
use FreshTack\Shop\Account\Username;
use FreshTack\Shop\NotFound;
use FreshTack\Shop\Register\Register;
use FreshTack\Shop\ShopSettings;
use FreshTack\Shop\Today;

/** Writes the owner's service record from the frozen order and the bench's log. People stand in it by the names of that day. */
final readonly class RecordWriter
{
    public const FORMAT = 'fresh-tack/service-record/1';

    public function __construct(
        private Register $register,
        private Accounts $accounts,
        private ShopSettings $settings,
        private Today $today,
    ) {
    }

    /**
     * @param list<Reconciliation> $oils
     *
     * @return array<string, mixed>
     *
     * @throws NotFound|InvalidQuantity
     */
    public function record(BenchView $view, string $remark, string $releasedBy, array $oils): array
    {
        $boat = $this->register->boat($view->file->boatId);
        $document = Cursor::over($view->file->document);

        return [
            'format' => self::FORMAT,
            'order' => $view->file->number,
            'shop' => $this->settings->name(),
            'day' => ($this->today)()->format('Y-m-d'),
            'boat' => ['name' => $boat->name, 'registration' => $boat->registration, 'customer' => $boat->owner->name],
            'releasedBy' => $this->person($releasedBy),
            'remark' => $remark,
            'oils' => array_map(static fn (Reconciliation $oil): string => $oil->text(), $oils),
            'engines' => array_map(fn (Cursor $engine): array => $this->engine($engine, $document, $view), $document->at('engines')->list()),
        ];
    }

    /**
     * @param array<mixed> $document
     *
     * @return list<array{Task, Action|null}> that the frozen order had for this engine, and what was done; null: an order of
     *                                        before says nothing of it
     */
    public function tasks(array $document, string $position): array
    {
        $tasks = [];
        foreach (Cursor::over($document)->at('engines')->list() as $engine) {
            foreach ($position === $engine->at('position')->raw() ? $engine->at('tasks')->list() : [] as $task) {
                $tasks[] = [
                    $task->at('task')->enum(Task::class),
                    $task->at('action')->isNull() ? null : $task->at('action')->enum(Action::class),
                ];
            }
        }

        return $tasks;
    }

    /**
     * @return array<string, mixed>
     *
     * @throws InvalidQuantity
     */
    private function engine(Cursor $engine, Cursor $document, BenchView $view): array
    {
        $position = $engine->at('position')->string();
        $oil = $view->log->oil($position);

        return [
            'position' => $position,
            'label' => $engine->at('label')->string(),
            'model' => $engine->at('model')->string(),
            'serial' => $engine->at('serial')->string(),
            'hours' => $engine->at('hours')->optionalString(),
            'sheet' => $engine->at('sheet')->raw(),
            'tasks' => array_map(fn (Cursor $task): array => $this->task($task, $engine), $engine->at('tasks')->list()),
            'parked' => array_map(static fn (Cursor $blocked): array => ['title' => $blocked->at('title')->string(), 'reason' => $blocked->at('reason')->string()], $engine->at('blocked')->list()),
            'oil' => $engine->at('oil')->isNull() ? null : [
                'grade' => $engine->at('oil')->at('grade')->string(),
                'performanceClass' => $engine->at('oil')->at('performanceClass')->string(),
                'inEngineMl' => $oil->inEngineMl(),
                'capacity' => $engine->at('oil')->at('capacity')->at('text')->string(),
                'level' => $oil->lastReading,
            ],
            'parts' => self::parts($engine->at('label')->string(), $document, false),
            'laidOut' => self::parts($engine->at('label')->string(), $document, true),
            'entries' => $this->entries($position, $view),
        ];
    }

    /**
     * @return array<string, mixed>
     *
     * @throws InvalidQuantity
     */
    private function task(Cursor $task, Cursor $engine): array
    {
        $months = $task->at('every')->at('months')->optionalInt(1, 240);
        $every = $task->at('every')->at('hours')->optionalString();
        $hours = $engine->at('hours')->optionalString();

        return [
            'task' => $task->at('task')->string(),
            'title' => $task->at('title')->string(),
            'why' => $task->at('why')->string(),
            'nextDay' => null === $months ? null : $this->nextDay($months),
            'nextHours' => null === $every || null === $hours ? null : EngineHours::of($hours)->plus(EngineHours::of($every))->text(),
        ];
    }

    private function nextDay(int $months): ?string
    {
        try {
            return Limit::of(null, $months)->dateFrom(($this->today)())?->format('Y-m-d');
        } catch (InvalidSchedule $error) {
            throw new \LogicException('A frozen order held an impossible interval.', 0, $error);
        }
    }

    /**
     * @param bool $laidOut those that lay at hand in case they were needed, and not those that the steps fit
     *
     * @return list<array{number: string, description: string|null}>
     */
    private static function parts(string $label, Cursor $document, bool $laidOut): array
    {
        $isLaidOut = static fn (Cursor $part): bool => !$part->at('atHand')->isNull() && $part->at('atHand')->bool();
        $used = array_filter(
            $document->at('parts')->list(),
            static fn (Cursor $part): bool => $laidOut === $isLaidOut($part) && \in_array($label, $part->at('positions')->strings(), true),
        );

        return array_values(array_map(static fn (Cursor $part): array => ['number' => $part->at('number')->string(), 'description' => $part->at('description')->optionalString()], $used));
    }

    /** @return list<array<string, mixed>> what was measured, seen or decided; plain ticks are left out */
    private function entries(string $position, BenchView $view): array
    {
        $replaced = array_map(static fn (Entry $entry): ?string => $entry->corrects, $view->log->entries);
        $kept = array_filter($view->log->entries, static fn (Entry $entry): bool => EntryKind::Tick !== $entry->content->kind && !\in_array($entry->uuid, $replaced, true) && str_starts_with($entry->stepId, $position.'.'));

        return array_values(array_map(fn (Entry $entry): array => [
            'title' => $view->plan->titleOf($entry->stepId),
            'text' => $entry->content->asText(),
            'meaning' => $entry->content->observation?->meaning(),
            'by' => $this->person($entry->by),
            'at' => $entry->at->setTimezone($this->settings->zone())->format(\DATE_ATOM),
        ], $kept));
    }

    private function person(string $username): string
    {
        return $this->accounts->find(Username::typed($username))->name ?? $username;
    }
}
