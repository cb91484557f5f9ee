<?php

declare(strict_types=1);

namespace FreshTack\Shop\Book;

use FreshTack\Core\Reading\Cursor;
use FreshTack\Core\SpecBook\SheetField;
use FreshTack\Core\SpecBook\SheetValue;
use FreshTack\Core\SpecBook\SpecSheet;
use FreshTack\Shop\Account\Account;
use FreshTack\Shop\Audit\AuditLog;
use FreshTack\Shop\Audit\Move;
use FreshTack\Shop\Audit\Subject;
use FreshTack\Shop\NotFound;
use FreshTack\Shop\Order\OrderFile;
use FreshTack\Shop\Order\Orders;
use Psr\Clock\ClockInterface;

/** Compares what open orders froze with what a new revision says, value by value that they rest on. */
final readonly class FlagOrders
{
    public function __construct(
        private Orders $orders,
        private Revisions $revisions,
        private OrderFlags $flags,
        private AuditLog $audit,
        private ClockInterface $clock,
    ) {
    }

    /** @throws NotFound */
    public function __invoke(Revision $published, Account $by): void
    {
        foreach ($this->affected($published) as $flag) {
            $raised = $this->flags->raise($flag);
            $detail = ['order' => $flag->orderNumber, 'sheet' => $flag->sheetId, 'revision' => $flag->toRevision];
            $this->audit->add($by->username, 'flag.raised', Subject::flag($raised->id), $detail, Move::into('waiting'));
        }
    }

    /**
     * @return list<OrderFlag> as they would be raised if the revision were published now
     *
     * @throws NotFound
     */
    public function affected(Revision $revision): array
    {
        $sheet = $this->revisions->resolved($revision->head->id, $revision->head->revision);

        return array_merge(...array_map(fn (OrderFile $file): array => $this->ofOrder($file, $sheet), $this->orders->underWork()));
    }

    /** @return list<OrderFlag> */
    private function ofOrder(OrderFile $file, SpecSheet $sheet): array
    {
        $flags = [];
        foreach (Cursor::over($file->document)->at('engines')->list() as $engine) {
            $revision = $engine->at('sheet')->at('revision')->raw();
            if ($sheet->head->id === $engine->at('sheet')->at('id')->raw() && $sheet->head->revision !== $revision) {
                $differences = $this->differences($engine, $sheet);
                if ([] !== $differences) {
                    $flags[] = new OrderFlag(0, $file->number, $engine->at('position')->string(), $sheet->head->id, \is_int($revision) ? $revision : 0, $sheet->head->revision, $differences, $this->clock->now());
                }
            }
        }

        return $flags;
    }

    /** @return list<array{path: string, label: string, before: string, after: string}> */
    private function differences(Cursor $engine, SpecSheet $sheet): array
    {
        $used = $engine->at('used')->isNull() ? null : $engine->at('used')->strings();
        $frozen = [];
        foreach ($engine->at('plate')->list() as $figure) {
            $frozen[$figure->at('path')->string()] = self::told($figure->at('text')->string(), $figure->at('detail')->optionalString());
        }
        $differences = [];
        foreach (SheetField::cases() as $field) {
            $before = $frozen[$field->value] ?? '';
            $after = $this->now($sheet->value($field));
            if (!$field->isOfBoat() && $before !== $after && (null === $used || \in_array($field->value, $used, true))) {
                $differences[] = ['path' => $field->value, 'label' => $field->label(), 'before' => $before, 'after' => $after];
            }
        }

        return $differences;
    }

    private function now(?SheetValue $value): string
    {
        return null === $value ? '' : self::told($value->figure(), $value->detail());
    }

    private static function told(string $figure, ?string $detail): string
    {
        return null === $detail ? $figure : "$figure ($detail)";
    }
}
