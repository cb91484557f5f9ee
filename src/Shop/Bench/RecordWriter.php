<?php

declare(strict_types=1);

namespace FreshTack\Shop\Bench;

use FreshTack\Core\Bench\Entry;
use FreshTack\Core\Bench\Finding;
use FreshTack\Core\Bench\InvalidEntry;
use FreshTack\Core\Bench\OwnerNotes;
use FreshTack\Core\Bench\PartAtEngine;
use FreshTack\Core\Bench\PartFate;
use FreshTack\Core\Bench\PulledOil;
use FreshTack\Core\Bench\RecordSection;
use FreshTack\Core\Bench\Release;
use FreshTack\Core\Bench\ReleaseGate;
use FreshTack\Core\Bench\TaskOutcome;
use FreshTack\Core\Bench\WasteOfOrder;
use FreshTack\Core\Fluid\Reconciliation;
use FreshTack\Core\Plan\Position;
use FreshTack\Core\Quantity\EngineHours;
use FreshTack\Core\Quantity\InvalidQuantity;
use FreshTack\Core\Quantity\Volume;
use FreshTack\Core\Reading\Cursor;
use FreshTack\Shop\Account\People;
use FreshTack\Shop\NotFound;
use FreshTack\Shop\Register\Register;
use FreshTack\Shop\ShopSettings;
use FreshTack\Shop\Today;
use Psr\Clock\ClockInterface;

/** Writes the owner's service record from the frozen order and the bench's log. People stand in it by the names of that day. */
final readonly class RecordWriter
{
    public const FORMAT = 'fresh-tack/service-record/1';

    public function __construct(
        private Register $register,
        private People $people,
        private ShopSettings $settings,
        private Today $today,
        private ClockInterface $clock,
    ) {
    }

    /**
     * @return array<string, mixed>
     *
     * @throws NotFound|InvalidQuantity|InvalidEntry
     */
    public function record(BenchView $view, Release $release, string $releasedBy): array
    {
        $boat = $this->register->boat($view->file->boatId);
        $document = Cursor::over($view->file->document);

        return [
            'format' => self::FORMAT,
            'order' => $view->file->number,
            'shop' => $this->settings->name(),
            'day' => ($this->today)()->format('Y-m-d'),
            'boat' => ['name' => $boat->name, 'registration' => $boat->registration, 'customer' => $boat->owner->name],
            'releasedBy' => $this->people->nameOf($releasedBy),
            'releasedAt' => $this->clock->now()->setTimezone($this->settings->zone())->format(\DATE_ATOM),
            'remark' => $release->remark,
            'explained' => array_values($release->explained),
            'oils' => self::oils($view, $release),
            'waste' => (new WasteOfOrder($view->plan, $view->log))->told($release),
            'findings' => self::findings(null, $view),
            'entries' => $this->entries(null, $view),
            'engines' => array_map(
                fn (Cursor $engine): array => $this->engine($engine, $document, $view, $release),
                $document->at('engines')->list(),
            ),
        ];
    }

    /** @return list<string> what was opened of each oil, poured and left over; or that nobody measured it */
    private static function oils(BenchView $view, Release $release): array
    {
        $gate = new ReleaseGate($view->plan, $view->log);

        return [
            ...array_map(static fn (Reconciliation $oil): string => $oil->text(), $gate->reconciled($release)),
            ...array_map(
                static fn (PulledOil $oil): string => $oil->name().': what is left was not measured.',
                $gate->notMeasured($release),
            ),
        ];
    }

    /**
     * @return array<string, mixed>
     *
     * @throws InvalidQuantity|InvalidEntry
     */
    private function engine(Cursor $engine, Cursor $document, BenchView $view, Release $release): array
    {
        $position = $engine->at('position')->string();
        $place = $engine->at('position')->enum(Position::class);
        $outcomes = $view->log->outcomes();
        $notes = new OwnerNotes($view->plan, $view->log);
        $oil = $view->log->oil($position);
        $hours = $engine->at('hours')->optionalString();
        $let = $view->log->rig()->release($place);
        $day = null === $let ? ($this->today)() : $this->today->of($let->at);
        [$nextDay, $nextHours] = $notes->next($place, $day, null === $hours ? null : EngineHours::of($hours));

        return [
            'position' => $position,
            'label' => $engine->at('label')->string(),
            'model' => $engine->at('model')->string(),
            'serial' => $engine->at('serial')->string(),
            'hours' => $engine->at('hours')->optionalString(),
            'sheet' => $engine->at('sheet')->raw(),
            'unfit' => !$release->isUnfit($place) ? null : ['why' => $release->unfit[$position], 'open' => $outcomes->unfit($place)],
            'released' => null === $let ? null : ['by' => $this->people->nameOf($let->by), 'day' => $day->format('Y-m-d')],
            'tasks' => array_map(
                static fn (Cursor $task, TaskOutcome $outcome): array => self::task($task, $hours, $outcome, $day),
                $engine->at('tasks')->list(),
                $outcomes->tasks($place),
            ),
            'next' => ['day' => $nextDay?->format('Y-m-d'), 'hours' => $nextHours?->text()],
            'parked' => array_map(static fn (Cursor $blocked): array => ['title' => $blocked->at('title')->string(), 'reason' => $blocked->at('reason')->string()], $engine->at('blocked')->list()),
            'oil' => $engine->at('oil')->isNull() ? null : [
                'grade' => $engine->at('oil')->at('grade')->string(),
                'performanceClass' => $engine->at('oil')->at('performanceClass')->string(),
                'inEngineMl' => $oil->inEngineMl(),
                'capacity' => $engine->at('oil')->at('capacity')->at('text')->string(),
                'level' => $oil->lastReading,
                'filled' => Volume::whole(max(0, $oil->inEngineMl()))->inBothUnits(),
            ],
            'parts' => self::parts($outcomes->parts($place), $document),
            'lubricants' => self::lubricants($engine->at('label')->string(), $document),
            'findings' => self::findings($place, $view),
            'watch' => $notes->watch($place),
            'untested' => $notes->untested($place),
            'entries' => $this->entries($place, $view),
        ];
    }

    /**
     * @return array<string, mixed>
     *
     * @throws InvalidQuantity
     */
    private static function task(Cursor $task, ?string $hours, TaskOutcome $outcome, \DateTimeImmutable $day): array
    {
        return [
            'task' => $task->at('task')->string(),
            'title' => $task->at('title')->string(),
            'why' => $task->at('why')->string(),
            'outcome' => $outcome->outcome->value,
            'missing' => $outcome->missing,
            'nextDay' => $outcome->nextDay($day)?->format('Y-m-d'),
            'nextHours' => $outcome->nextHours(null === $hours ? null : EngineHours::of($hours))?->text(),
        ];
    }

    /** @return list<string> of the gearcase and the fittings, by their names on the shelf; the engine's oil is told by itself */
    private static function lubricants(string $label, Cursor $document): array
    {
        $own = array_filter(
            $document->at('lubricants')->isNull() ? [] : $document->at('lubricants')->list(),
            static fn (Cursor $each): bool => \in_array($label, (array) $each->at('positions')->raw(), true),
        );

        return array_values(array_map(static fn (Cursor $each): string => $each->at('name')->string(), $own));
    }

    /**
     * @param Position|null $position null: the whole rig
     *
     * @return list<array<string, string|null>> what was found, what it means, and what becomes of it
     */
    private static function findings(?Position $position, BenchView $view): array
    {
        $here = array_filter($view->log->findings(), static fn (Finding $finding): bool => $position === $finding->position);

        return array_values(array_map(static fn (Finding $finding): array => [
            'title' => $finding->title,
            'text' => $finding->text,
            'meaning' => '' === $finding->meaning ? null : $finding->meaning,
            'settled' => $finding->settled?->asText(),
        ], $here));
    }

    /**
     * @param list<PartAtEngine> $all of one engine
     *
     * @return list<array{number: string, description: string|null, count: int|null}> what went on, each number once
     */
    private static function parts(array $all, Cursor $document): array
    {
        $known = [];
        foreach ($document->at('parts')->list() as $part) {
            $known[$part->at('number')->string()] = $part->at('description')->optionalString();
        }
        /** @var array<array-key, list<int|null>> $counts */
        $counts = [];
        foreach (array_filter($all, static fn (PartAtEngine $part): bool => PartFate::Fitted === $part->fate) as $part) {
            $counts[$part->number][] = $part->fitted;
        }

        return array_map(static fn (int|string $number, array $each): array => [
            'number' => (string) $number,
            'description' => $known[$number] ?? null,
            'count' => \in_array(null, $each, true) ? null : array_sum($each),
        ], array_keys($counts), array_values($counts));
    }

    /**
     * @param Position|null $position null: the whole rig
     *
     * @return list<array<string, mixed>> what was measured, seen or decided, and whatever stopped the work
     *
     * @throws InvalidEntry if the log names a step that the order does not have
     */
    private function entries(?Position $position, BenchView $view): array
    {
        $replaced = array_map(static fn (Entry $entry): ?string => $entry->corrects, $view->log->entries);
        $kept = array_filter(
            $view->log->entries,
            static fn (Entry $entry): bool => $position === $view->plan->positionOf($entry->stepId)
                && ($entry->stopsWork() || ($entry->isTold() && !\in_array($entry->uuid, $replaced, true))),
        );

        return array_values(array_map(fn (Entry $entry): array => [
            'title' => $view->plan->askedAt($entry->stepId),
            'text' => $entry->asText().(\in_array($entry->uuid, $replaced, true) ? ' (corrected later)' : ''),
            'meaning' => $entry->content->meaning(),
            'by' => $this->people->nameOf($entry->by),
            'at' => $entry->moment()->setTimezone($this->settings->zone())->format(\DATE_ATOM),
            'section' => RecordSection::of($entry, $view->plan->step($entry->stepId))->value,
        ], $kept));
    }
}
