<?php

declare(strict_types=1);

namespace FreshTack\Web\View;

use FreshTack\Core\Bench\BenchLog;
use FreshTack\Core\Bench\BenchStep;
use FreshTack\Core\Bench\CautionSpans;
use FreshTack\Core\Bench\EngineOilLog;
use FreshTack\Core\Bench\Entry;
use FreshTack\Core\Bench\Finding;
use FreshTack\Core\Bench\IssuedOrder;
use FreshTack\Core\Bench\LogClock;
use FreshTack\Core\Bench\NotYet;
use FreshTack\Core\Bench\Objections;
use FreshTack\Core\Bench\PartAtEngine;
use FreshTack\Core\Bench\PressedTogether;
use FreshTack\Core\Bench\PulledOil;
use FreshTack\Core\Bench\Said\LetGo;
use FreshTack\Core\Bench\Said\Pause;
use FreshTack\Core\Bench\Stop;
use FreshTack\Core\Bench\Timer;
use FreshTack\Core\Bench\Timers;
use FreshTack\Core\Finding\Answer;
use FreshTack\Core\Finding\Observation;
use FreshTack\Core\Plan\Position;
use FreshTack\Shop\Bench\BenchView;

/** What the bench needs beside the frozen order: the log so far, and what follows from it. */
final readonly class BenchStateView
{
    /**
     * @param string $by who looks: whether a step may be done depends on where their hands are
     *
     * @return array<string, mixed>
     */
    public static function of(BenchView $view, string $by): array
    {
        return [
            ...self::state($view, $by),
            'document' => $view->file->document,
            'observations' => self::looks($view->plan),
            'entries' => array_map(self::entry(...), $view->log->entries),
            'wrenches' => $view->shop->wrenches->names(),
        ];
    }

    /**
     * What is so after a batch: without what does not change.
     *
     * @param list<string> $uuids of the batch
     *
     * @return array<string, mixed>
     */
    public static function change(BenchView $view, string $by, array $uuids): array
    {
        $sent = array_filter($view->log->entries, static fn (Entry $entry): bool => \in_array($entry->uuid, $uuids, true));

        return [...self::state($view, $by), 'entries' => array_map(self::entry(...), array_values($sent))];
    }

    /** @return array<string, mixed> */
    private static function state(BenchView $view, string $by): array
    {
        $stop = $view->log->stoppedBy();

        return [
            'order' => OrderFileView::file($view->file),
            'mark' => $view->mark,
            'claims' => array_map(BenchSideView::claim(...), $view->shop->claims->all()),
            'engines' => array_map(
                static fn (Position $position): array => BenchSideView::engine($position, $view->log),
                $view->plan->rig->positions,
            ),
            'now' => $view->log->now($view->at)->format(\DATE_ATOM),
            'steps' => self::steps($view, $by),
            'timers' => array_map(self::timer(...), (new Timers($view->plan, $view->log))->running()),
            'oil' => array_map(static fn (string $position): array => self::oil($position, $view->log->oil($position)), array_keys($view->plan->capacityMl)),
            'pools' => array_map(static fn (PulledOil $oil): array => self::pool($oil, $view->log), $view->plan->oils),
            'waste' => BenchSideView::waste($view),
            'stoppedBy' => null === $stop ? null : self::stop($stop),
            'parked' => null === $view->log->parked() ? null : self::parked($view->log->parked()),
            'released' => self::released($view->log->rig()->released),
            'findings' => array_map(self::finding(...), $view->log->findings()),
            'parts' => array_map(static fn (PartAtEngine $each): array => self::part($each, $view->plan), $view->log->outcomes()->loose()),
        ];
    }

    /** @return list<array<string, mixed>> */
    private static function steps(BenchView $view, string $by): array
    {
        $open = self::open($view, $by);
        $together = new PressedTogether($view->plan, array_filter(
            $open,
            static fn (string $id): bool => null === $view->log->answer($id),
            \ARRAY_FILTER_USE_KEY,
        ));

        $spans = new CautionSpans($view->plan);
        $read = $spans->readBy($by, $view->log);

        return array_map(static function (BenchStep $step) use ($view, $open, $together, $spans, $read): array {
            $stop = \array_key_exists($step->id, $open) ? $view->log->stopAt($step) : null;
            $notYet = $open[$step->id] ?? null;
            $torque = $step->tightening?->torque();

            return [
                'id' => $step->id,
                'done' => $view->log->isDone($step),
                'answer' => $view->log->answer($step->id)?->asText(),
                'notYet' => match (true) {
                    null !== $stop => self::notYet(\sprintf(
                        '%s on %s: a decision is needed first.',
                        $stop->label,
                        $stop->position?->label() ?? 'the rig',
                    )),
                    null !== $notYet => self::notYet($notYet->text(), $notYet),
                    default => null,
                },
                'timed' => LogClock::isTimed($step),
                'wrenches' => null === $torque ? [] : $view->shop->wrenches->fitting($torque),
                'together' => null === $stop ? $together->after($step) : [],
                'before' => null === $stop ? $together->before($step) : [],
                'cautions' => ['span' => $spans->of($step), 'read' => isset($read[$spans->of($step)])],
            ];
        }, $view->plan->steps);
    }

    /** @return array<string, NotYet|null> what speaks against each step that is not done, by step */
    private static function open(BenchView $view, string $by): array
    {
        $gates = $view->log->gates();
        $objections = new Objections($view->plan, $view->log, $view->shop);
        $now = $view->log->now($view->at);
        $open = [];
        foreach ($view->plan->steps as $step) {
            if (!$view->log->isDone($step)) {
                $work = $view->plan->workOf($step);
                $claim = $view->shop->claims->barring($work, $by);
                $open[$step->id] = null === $claim
                    ? $gates->before($step, $step->effects, $by, $now) ?? $objections->notHeld($step)
                    : NotYet::ofOther($work, $step, $claim);
            }
        }

        return $open;
    }

    /** @return array<string, mixed> */
    private static function notYet(string $why, ?NotYet $notYet = null): array
    {
        return [
            'why' => $why,
            'until' => $notYet?->until?->format(\DATE_ATOM),
            'first' => $notYet?->first?->id,
            'cart' => true === $notYet?->atCart,
            'claim' => null === $notYet?->claim ? null : BenchSideView::claim($notYet->claim),
        ];
    }

    /** @return array<string, mixed> */
    private static function timer(Timer $timer): array
    {
        return [
            'position' => $timer->position->value,
            'work' => $timer->workId,
            'title' => $timer->title,
            'from' => $timer->from->format(\DATE_ATOM),
            'until' => $timer->until->format(\DATE_ATOM),
        ];
    }

    /** @return array<string, mixed> */
    private static function parked(Entry $entry): array
    {
        return [
            'by' => $entry->by,
            'at' => $entry->at->format(\DATE_ATOM),
            'why' => $entry->content->why(),
            'until' => $entry->content->as(Pause::class)?->until?->format(\DATE_ATOM),
        ];
    }

    /** @return array<string, mixed> */
    private static function finding(Finding $finding): array
    {
        return [
            'entry' => $finding->entry,
            'place' => $finding->place,
            'stepId' => $finding->stepId,
            'position' => $finding->position?->value,
            'title' => $finding->title,
            'text' => $finding->text,
            'meaning' => $finding->meaning,
            'settled' => $finding->settled?->asText(),
        ];
    }

    /** @return array<string, mixed> */
    private static function part(PartAtEngine $part, IssuedOrder $order): array
    {
        $work = null === $part->use->work ? null : $order->work($part->use->work->text);
        $ending = $work->ending ?? [];

        return [
            'number' => $part->number,
            'position' => $part->use->position->value,
            'operation' => $part->use->work?->text,
            'stepId' => [] === $ending ? null : $ending[\count($ending) - 1]->id,
            'count' => $part->use->count,
            'laidOut' => $part->use->isLaidOut,
            'byPlace' => null !== $work && $order->asksByPlace($work, $part->part),
            'fate' => $part->fate->value,
            'fitted' => $part->fitted,
            'entry' => $part->entry?->uuid,
        ];
    }

    /**
     * @param array<string, Entry> $released by position
     *
     * @return list<array<string, mixed>>
     */
    private static function released(array $released): array
    {
        return array_map(static fn (string $position, Entry $entry): array => [
            'position' => $position,
            'by' => $entry->by,
            'at' => $entry->at->format(\DATE_ATOM),
            'unfit' => $entry->content->as(LetGo::class)?->release->unfit,
        ], array_keys($released), array_values($released));
    }

    /** @return array<string, mixed> */
    private static function stop(Stop $stop): array
    {
        return [
            'value' => $stop->key,
            'entry' => $stop->entry,
            'stepId' => $stop->stepId,
            'position' => $stop->position?->value,
            'label' => $stop->label,
            'meaning' => $stop->meaning,
            'instruction' => $stop->instruction,
        ];
    }

    /** @return list<array<string, mixed>> what may be seen at the steps that ask for a look */
    private static function looks(IssuedOrder $order): array
    {
        $looks = [];
        foreach ($order->steps as $step) {
            if (isset(Observation::QUESTIONS[$step->entry])) {
                $looks[$step->entry] ??= array_map(static fn (Answer $answer): array => [
                    'value' => $answer->code,
                    'question' => $step->entry,
                    'label' => $answer->label,
                    'meaning' => $answer->meaning,
                    'verdict' => $answer->verdict->value,
                    'instruction' => '' === $answer->instruction ? null : $answer->instruction,
                ], $step->answers);
            }
        }

        return array_merge(...array_values($looks));
    }

    /** @return array<string, mixed> */
    private static function oil(string $position, EngineOilLog $oil): array
    {
        $advice = $oil->advice;

        return [
            'position' => $position,
            'inEngineMl' => $oil->inEngineMl(),
            'hasRun' => $oil->hasRun,
            'lastEvent' => null === $oil->eventAt ? null : $oil->lastEvent,
            'eventAt' => $oil->eventAt?->format(\DATE_ATOM),
            'reading' => $oil->lastReading,
            'advice' => null === $advice ? null : ['advice' => $advice->advice->value, 'waitMin' => $advice->waitMin, 'amountMl' => $advice->amountMl, 'reason' => $advice->reason],
        ];
    }

    /** @return array<string, mixed> */
    private static function pool(PulledOil $oil, BenchLog $log): array
    {
        $poured = $oil->poured($log)->millilitresUp();

        return [
            'grade' => $oil->grade,
            'performanceClass' => $oil->performanceClass,
            'pulledMl' => $oil->pulled?->millilitresDown(),
            'pouredMl' => $poured,
            'leftMl' => null === $oil->pulled ? null : max(0, $oil->pulled->millilitresDown() - $poured),
        ];
    }

    /** @return array<string, mixed> */
    private static function entry(Entry $entry): array
    {
        return [
            'uuid' => $entry->uuid,
            'stepId' => $entry->stepId,
            'kind' => $entry->content->kind->value,
            'text' => $entry->asText(),
            'corrects' => $entry->corrects,
            'happened' => $entry->told->happened,
            'by' => $entry->by,
            'at' => $entry->moment()->format(\DATE_ATOM),
        ];
    }
}
