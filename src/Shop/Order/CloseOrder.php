<?php

declare(strict_types=1);

namespace FreshTack\Shop\Order;

use FreshTack\Core\Bench\BenchLog;
use FreshTack\Core\Bench\InvalidEntry;
use FreshTack\Core\Bench\IssuedOrderReader;
use FreshTack\Core\Fastening\InvalidTightening;
use FreshTack\Core\Reading\InvalidDocument;
use FreshTack\Shop\Audit\AuditLog;
use FreshTack\Shop\Audit\Move;
use FreshTack\Shop\Audit\Subject;
use FreshTack\Shop\Conflict;
use FreshTack\Shop\Due\ReckonDues;
use FreshTack\Shop\NotFound;
use FreshTack\Shop\Register\Engine;
use FreshTack\Shop\Register\Register;
use FreshTack\Shop\Unit;
use Psr\Clock\ClockInterface;

/**
 * Discards a draft, or cancels an issued order of which nothing was done and everything is put back. If another boat had
 * come, what the check-in wrote into the register is taken back with it. The order stays to be read, and can be brought
 * back.
 */
final readonly class CloseOrder
{
    public function __construct(
        private Orders $orders,
        private Register $register,
        private TakeBackCheckIn $takeBack,
        private ReckonDues $reckon,
        private AuditLog $audit,
        private Unit $unit,
        private ClockInterface $clock,
    ) {
    }

    /** @throws NotFound|Conflict if work on it has begun, it is closed already, or it changed since `$version` */
    public function __invoke(int $number, int $version, string $why, bool $otherBoat, string $by): OrderFile
    {
        return $this->unit->run(function () use ($number, $version, $why, $otherBoat, $by): OrderFile {
            $boat = $this->register->boat($this->orders->get($number)->boatId);
            $this->register->lock($boat->id);
            $this->reckon->lock(...array_map(static fn (Engine $engine): int => $engine->id, $boat->engines));
            $file = $this->orders->getForWork($number);
            $to = $this->closed($file);
            if ($otherBoat) {
                ($this->takeBack)($file, $why, $by);
                $this->reckon->ofBoat($boat->id);
            }
            $this->audit->add(
                $by,
                'order.'.$to->value,
                Subject::order($number),
                ['why' => $why, 'otherBoat' => $otherBoat],
                Move::between($file->status->value, $to->value),
            );

            return $this->orders->close($number, $version, $to, new Closing($by, $this->clock->now(), $why));
        });
    }

    /** @throws Conflict */
    private function closed(OrderFile $file): OrderStatus
    {
        return match (true) {
            OrderStatus::Draft === $file->status => OrderStatus::Discarded,
            OrderStatus::Issued === $file->status && [] === $this->orders->entries($file->number) => OrderStatus::Cancelled,
            $file->status->isAtBench() => $this->cancelledAtWork($file),
            default => throw Conflict::wrongStatus($file->number, $file->status->value, 'taken back'),
        };
    }

    /** @throws Conflict if something was done, or stands open */
    private function cancelledAtWork(OrderFile $file): OrderStatus
    {
        try {
            $order = IssuedOrderReader::read($file->issuedDocument());
            $against = BenchLog::replay($order, $this->orders->entries($file->number))->outcomes()->againstCancelling();
        } catch (InvalidDocument|InvalidEntry|InvalidTightening $error) {
            throw new \RuntimeException(\sprintf('Order %d does not replay: %s', $file->number, $error->getMessage()), 0, $error);
        }

        return [] === $against ? OrderStatus::Cancelled : throw Conflict::tooLateToCancel($file->number, $against);
    }
}
