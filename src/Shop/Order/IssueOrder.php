<?php

declare(strict_types=1);

namespace FreshTack\Shop\Order;

use FreshTack\Core\Order\OrderBuilder;
use FreshTack\Core\Order\RequestReader;
use FreshTack\Core\Plan\Effort;
use FreshTack\Core\Plan\GateBroken;
use FreshTack\Core\Quantity\InvalidQuantity;
use FreshTack\Core\Reading\InvalidDocument;
use FreshTack\Core\SpecBook\SheetHead;
use FreshTack\Exchange\Json;
use FreshTack\Exchange\WorkOrderDocument;
use FreshTack\Shop\Audit\AuditLog;
use FreshTack\Shop\Audit\Move;
use FreshTack\Shop\Audit\Subject;
use FreshTack\Shop\Board\EngineAssessment;
use FreshTack\Shop\Book\SpecBook;
use FreshTack\Shop\Conflict;
use FreshTack\Shop\NotFound;
use FreshTack\Shop\Register\Register;
use FreshTack\Shop\Unit;
use Psr\Clock\ClockInterface;

/** Freezes an order: from here on it is read as it was issued, whatever becomes of the book. Blocked tasks stay parked. */
final readonly class IssueOrder
{
    public function __construct(
        private Orders $orders,
        private Register $register,
        private RequestAssembler $assembler,
        private OrderBuilder $builder,
        private SpecBook $book,
        private AuditLog $audit,
        private Unit $unit,
        private ClockInterface $clock,
    ) {
    }

    /** @throws NotFound|Conflict|InvalidDocument|InvalidQuantity|GateBroken if nothing can be issued, or the draft changed since `$version` */
    public function __invoke(int $number, int $version, string $by): OrderFile
    {
        return $this->unit->run(function () use ($number, $version, $by): OrderFile {
            $file = $this->orders->getForWork($number);
            if (OrderStatus::Draft !== $file->status) {
                throw Conflict::wrongStatus($number, $file->status->value, 'issued');
            }
            $boat = $this->register->boat($file->boatId);
            $assessed = $this->assembler->assess($boat, $file->draft);
            $request = $this->assembler->request($number, $file->draft, $assessed) ?? throw Conflict::nothingToIssue();
            $order = $this->builder->build(RequestReader::read($request), Effort::Full);
            $order->hasWork() || throw Conflict::nothingToIssue();
            $sheets = array_map(static fn (EngineAssessment $engine): ?SheetHead => $engine->sheet?->head, $assessed);
            $this->book->hold(...array_values(array_filter($sheets, static fn (?SheetHead $head): bool => null !== $head)));
            $this->audit->add(
                $by,
                'order.issued',
                Subject::order($number),
                ['parked' => \count($order->blocked())],
                Move::between('draft', 'issued'),
            );

            return $this->orders->freeze($number, $version, Json::encode($request), Json::encode(WorkOrderDocument::of($order)), $by, $this->clock->now());
        });
    }
}
