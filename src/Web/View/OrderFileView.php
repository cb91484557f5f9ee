<?php

declare(strict_types=1);

namespace FreshTack\Web\View;

use FreshTack\Core\SpecBook\Task;
use FreshTack\Shop\Order\Fill;
use FreshTack\Shop\Order\OrderFile;
use FreshTack\Shop\Order\OrderView;
use FreshTack\Shop\Seal\SealBroken;
use FreshTack\Web\Http\OrderVersion;

final readonly class OrderFileView
{
    /** @return array<string, mixed> */
    public static function of(OrderView $view): array
    {
        return [
            'order' => self::file($view->file),
            'draft' => $view->file->draft->toArray(),
            'fills' => array_map(static fn (Fill $fill): array => ['engineId' => $fill->engineId, 'path' => $fill->field->value, 'label' => $fill->field->label(), 'source' => \sprintf('%s, rev. %s, p. %s', $fill->document, $fill->revision, $fill->page), 'reason' => $fill->reason, 'by' => $fill->by], $view->file->draft->fills),
            'boat' => BoatView::of($view->boat),
            'engines' => array_map(EngineView::of(...), $view->engines),
            'orderable' => array_map(static fn (Task $task): string => $task->value, $view->orderable),
            'work' => $view->work,
            'flags' => array_map(BookView::flag(...), $view->flags),
            'flaw' => null === $view->flaw ? null : SealBroken::ofOrder($view->file->number, $view->flaw)->getMessage(),
        ];
    }

    /** @return array<string, mixed> */
    public static function file(OrderFile $file): array
    {
        return [
            'number' => $file->number,
            'boatId' => $file->boatId,
            'status' => $file->status->value,
            'version' => OrderVersion::of($file),
            'openedBy' => $file->openedBy,
            'openedAt' => $file->openedAt->format(\DATE_ATOM),
            'issuedAt' => $file->issuedAt?->format(\DATE_ATOM),
            'issuedBy' => $file->issuedBy,
            'releasedAt' => $file->releasedAt?->format(\DATE_ATOM),
            'releasedBy' => $file->releasedBy,
            'readyBy' => $file->readyBy?->format(\DATE_ATOM),
            'closing' => null === $file->closing ? null : [
                'by' => $file->closing->by,
                'at' => $file->closing->at->format(\DATE_ATOM),
                'why' => $file->closing->why,
            ],
        ];
    }
}
