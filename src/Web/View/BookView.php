<?php

declare(strict_types=1);

namespace FreshTack\Web\View;

use FreshTack\Core\Order\TriedTask;
use FreshTack\Core\SpecBook\Difference;
use FreshTack\Core\SpecBook\Gap;
use FreshTack\Core\SpecBook\Overlap;
use FreshTack\Core\SpecBook\RangeReport;
use FreshTack\Core\SpecBook\Task;
use FreshTack\Shop\Book\BookChange;
use FreshTack\Shop\Book\BookOverview;
use FreshTack\Shop\Book\OrderFlag;
use FreshTack\Shop\Book\Proposal;
use FreshTack\Shop\Book\SheetHole;
use FreshTack\Shop\Book\WaitingRefusal;

final readonly class BookView
{
    /** @return array<string, mixed> */
    public static function of(BookOverview $book): array
    {
        return [
            'sheets' => array_map(SheetView::line(...), $book->sheets),
            'refusals' => array_map(self::refusal(...), $book->refusals),
            'holes' => array_map(self::hole(...), $book->holes),
            'proposals' => array_map(self::proposal(...), $book->proposals),
            'flags' => array_map(self::flag(...), $book->flags),
            'ranges' => self::ranges($book->ranges),
        ];
    }

    /** @return array<string, mixed> */
    public static function tried(TriedTask $tried): array
    {
        return [
            'task' => $tried->task?->value,
            'title' => $tried->task?->title() ?? 'All together',
            'operations' => $tried->operations,
            'handsOnMin' => $tried->handsOnMin,
            'parked' => $tried->parked,
            'contradicts' => $tried->contradicts,
        ];
    }

    /** @return array<string, mixed> */
    public static function ranges(RangeReport $report): array
    {
        return [
            'overlaps' => array_map(static fn (Overlap $overlap): array => ['model' => $overlap->model, 'serials' => $overlap->serials->text(), 'one' => $overlap->one->name(), 'other' => $overlap->other->name()], $report->overlaps),
            'gaps' => array_map(
                static fn (Gap $gap): array => [
                    'model' => $gap->model,
                    'serials' => $gap->serials->text(),
                    'before' => $gap->before->name(),
                    'after' => $gap->after->name(),
                    'only' => $gap->only,
                ],
                $report->gaps,
            ),
        ];
    }

    /** @return array<string, mixed> */
    public static function change(BookChange $change): array
    {
        $arrival = $change->arrival;

        return ['name' => $change->name, 'kind' => $change->kind, 'arrival' => null === $arrival ? null : [
            'status' => $arrival->status->value,
            'told' => $arrival->told->value,
            'withdraws' => $arrival->withdraws,
            'ranges' => self::ranges($arrival->ranges),
            'holes' => $arrival->holes,
            'doubts' => $arrival->doubts,
        ]];
    }

    /** @return array<string, mixed> */
    public static function flag(OrderFlag $flag): array
    {
        return ['id' => $flag->id, 'order' => $flag->orderNumber, 'position' => $flag->position, 'sheet' => $flag->sheetId, 'from' => $flag->fromRevision, 'to' => $flag->toRevision, 'differences' => $flag->differences, 'raisedAt' => $flag->raisedAt->format(\DATE_ATOM)];
    }

    /** @return array<string, mixed> */
    public static function difference(Difference $difference): array
    {
        return [
            'path' => $difference->field->value,
            'label' => $difference->field->label(),
            'group' => $difference->field->group()->value,
            'before' => null === $difference->before ? null : SheetView::value($difference->before),
            'after' => null === $difference->after ? null : SheetView::value($difference->after),
            'change' => $difference->isChange(),
            'otherSource' => $difference->isOtherSource(),
        ];
    }

    /** @return array<string, mixed> */
    public static function hole(SheetHole $hole): array
    {
        return ['sheet' => $hole->head->id, 'revision' => $hole->head->revision, 'models' => $hole->head->models, 'path' => $hole->path, 'label' => $hole->label, 'blocks' => array_map(static fn (Task $task): string => $task->title(), $hole->tasks)];
    }

    /** @return array<string, mixed> */
    private static function proposal(Proposal $proposal): array
    {
        return [
            'id' => $proposal->id,
            'sheet' => $proposal->sheetId,
            'revision' => $proposal->revision,
            'path' => $proposal->field->value,
            'label' => $proposal->field->label(),
            'content' => (object) $proposal->content,
            'source' => \sprintf('%s, rev. %s, p. %s', $proposal->document, $proposal->documentRevision, $proposal->page),
            'reason' => $proposal->reason,
            'order' => $proposal->orderNumber,
            'by' => $proposal->by,
            'at' => $proposal->at->format(\DATE_ATOM),
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
}
