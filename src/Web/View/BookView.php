<?php

declare(strict_types=1);

namespace FreshTack\Web\View;

use FreshTack\Core\SpecBook\SerialRange;
use FreshTack\Core\SpecBook\SheetValue;
use FreshTack\Core\SpecBook\SpecSheet;
use FreshTack\Core\SpecBook\Task;
use FreshTack\Shop\Book\SheetHole;
use FreshTack\Shop\Book\WaitingRefusal;

final readonly class BookView
{
    /**
     * @param list<SpecSheet>      $sheets
     * @param list<WaitingRefusal> $refusals
     * @param list<SheetHole>      $holes
     *
     * @return array<string, mixed>
     */
    public static function of(array $sheets, array $refusals, array $holes): array
    {
        return [
            'sheets' => array_map(self::sheet(...), $sheets),
            'refusals' => array_map(self::refusal(...), $refusals),
            'holes' => array_map(self::hole(...), $holes),
        ];
    }

    /** @return array<string, mixed> */
    private static function sheet(SpecSheet $sheet): array
    {
        $head = $sheet->head;

        return [
            'id' => $head->id,
            'revision' => $head->revision,
            'status' => $head->status->value,
            'maker' => $head->maker,
            'models' => $head->models,
            'ranges' => array_map(static fn (SerialRange $range): string => \sprintf('%s%d – %d', $range->prefix, $range->from, $range->to), $head->ranges),
            'author' => $sheet->author,
            'reviewer' => $sheet->reviewer,
            'values' => array_map(static fn (SheetValue $value): array => ['label' => $value->field->label(), 'figure' => $value->figure(), 'detail' => $value->detail(), 'source' => $value->source->text()], $sheet->values()),
        ];
    }

    /** @return array<string, mixed> */
    private static function refusal(WaitingRefusal $refusal): array
    {
        return [
            'id' => $refusal->id,
            'model' => $refusal->model,
            'serial' => $refusal->serial,
            'reason' => $refusal->reason,
            'message' => $refusal->message,
            'boatId' => $refusal->boatId,
            'boat' => $refusal->boat,
            'by' => $refusal->by,
            'at' => $refusal->at->format(\DATE_ATOM),
        ];
    }

    /** @return array<string, mixed> */
    private static function hole(SheetHole $hole): array
    {
        return ['sheet' => $hole->head->name(), 'models' => $hole->head->models, 'path' => $hole->path, 'label' => $hole->label, 'blocks' => array_map(static fn (Task $task): string => $task->title(), $hole->tasks)];
    }
}
