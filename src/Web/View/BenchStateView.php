<?php

declare(strict_types=1);

namespace FreshTack\Web\View;

use FreshTack\Core\Bench\BenchLog;
use FreshTack\Core\Bench\BenchStep;
use FreshTack\Core\Bench\EngineOilLog;
use FreshTack\Core\Bench\Entry;
use FreshTack\Core\Bench\PulledOil;
use FreshTack\Core\Finding\Observation;
use FreshTack\Shop\Bench\BenchView;

/** What the bench needs beside the frozen order: the log so far and what follows from it. */
final readonly class BenchStateView
{
    /** @return array<string, mixed> */
    public static function of(BenchView $view): array
    {
        $fitting = static function (BenchStep $step) use ($view): array {
            $torque = $step->tightening?->torque();

            return null === $torque ? [] : $view->wrenches->fitting($torque);
        };

        return [
            'order' => OrderFileView::file($view->file),
            'document' => $view->file->document,
            'observations' => array_map(self::observation(...), Observation::cases()),
            'steps' => array_map(static fn (BenchStep $step): array => [
                'id' => $step->id,
                'done' => $view->log->isDone($step),
                'answer' => $view->log->answer($step->id)?->asText(),
                'wrenches' => $fitting($step),
            ], $view->plan->steps),
            'oil' => array_map(static fn (string $position): array => self::oil($position, $view->log->oil($position)), array_keys($view->plan->capacityMl)),
            'pools' => array_map(static fn (PulledOil $oil): array => self::pool($oil, $view->log), $view->plan->oils),
            'stoppedBy' => null === $view->log->stoppedBy ? null : self::observation($view->log->stoppedBy),
            'entries' => array_map(self::entry(...), $view->log->entries),
            'wrenches' => $view->wrenches->names(),
        ];
    }

    /** @return array<string, mixed> */
    private static function observation(Observation $observation): array
    {
        return [
            'value' => $observation->value,
            'question' => $observation->question(),
            'label' => $observation->label(),
            'meaning' => $observation->meaning(),
            'verdict' => $observation->verdict()->value,
            'instruction' => $observation->instruction(),
        ];
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
            'text' => $entry->content->asText(),
            'corrects' => $entry->corrects,
            'by' => $entry->by,
            'at' => $entry->at->format(\DATE_ATOM),
        ];
    }
}
