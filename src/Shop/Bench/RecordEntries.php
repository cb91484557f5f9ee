<?php

declare(strict_types=1);

namespace FreshTack\Shop\Bench;

use FreshTack\Core\Bench\BenchLog;
use FreshTack\Core\Bench\Entry;
use FreshTack\Core\Bench\EntryKind;
use FreshTack\Core\Bench\InvalidEntry;
use FreshTack\Core\ExpectedError;
use FreshTack\Core\Reading\InvalidDocument;
use FreshTack\Shop\Account\People;
use FreshTack\Shop\Audit\AuditLog;
use FreshTack\Shop\Audit\Move;
use FreshTack\Shop\Audit\Subject;
use FreshTack\Shop\Conflict;
use FreshTack\Shop\NotFound;
use FreshTack\Shop\Order\Orders;
use FreshTack\Shop\Order\OrderStatus;
use FreshTack\Shop\ShopSettings;
use FreshTack\Shop\Unit;

/** Takes a batch of entries from a tablet or from the paper. Sent twice, it changes nothing the second time. */
final readonly class RecordEntries
{
    private const TAKEN = 'Something else was entered under this number before. Nothing was changed: load the page again, and enter it.';

    public function __construct(
        private Orders $orders,
        private OpenBench $open,
        private BenchMarks $marks,
        private NeedlessWork $needless,
        private People $people,
        private ShopSettings $settings,
        private AuditLog $audit,
        private Unit $unit,
    ) {
    }

    /**
     * All of the batch or none of it.
     *
     * @param list<StoredEntry> $batch
     *
     * @throws NotFound|Conflict|InvalidDocument if the order is not at the bench, or an entry does not fit
     */
    public function __invoke(int $number, array $batch, string $by): BenchView
    {
        return $this->unit->run(function () use ($number, $batch, $by): BenchView {
            $view = $this->open->of($this->orders->getForWork($number));
            if (!$view->file->status->isAtBench()) {
                throw Conflict::wrongStatus($number, $view->file->status->value, 'worked on');
            }
            $log = $view->log;
            foreach ($batch as $index => $stored) {
                $log = $this->taken($view, $index, $stored, $log);
            }
            $status = match (true) {
                null !== $log->stoppedBy() => OrderStatus::Stopped,
                null !== $log->parked() => OrderStatus::Parked,
                default => OrderStatus::InWork,
            };
            $this->orders->setProgress($number, $status, Tally::of($view->plan, $log));
            if ($status !== $view->file->status) {
                $move = Move::between($view->file->status->value, $status->value);
                $this->audit->add($by, 'order.'.$status->value, Subject::order($number), [], $move);
            }

            return new BenchView($this->orders->get($number), $view->plan, $log, $view->shop, $view->at, $this->marks->of($number));
        });
    }

    /** @throws InvalidDocument|NotFound if the entry does not fit what went before */
    private function taken(BenchView $view, int $index, StoredEntry $stored, BenchLog $log): BenchLog
    {
        $number = $view->file->number;
        $entry = $stored->entry;
        foreach ($log->entries as $known) {
            if ($known->uuid === $entry->uuid) {
                return $known->says($entry) ? $log : throw InvalidDocument::at("/entries/$index/uuid", self::TAKEN);
            }
        }
        if ($log->isRelease($entry->corrects)) {
            throw InvalidDocument::at("/entries/$index", 'The release of an engine is taken back by a lead, on the release page.');
        }
        if ($this->orders->knowsEntry($entry->uuid)) {
            throw InvalidDocument::at("/entries/$index/uuid", self::TAKEN);
        }

        $stops = \count($log->stops());
        try {
            $after = self::after($log, $entry, $view);
            $needless = $entry->content->isOfTask() ? $this->needless->in($number, $view->plan, $after) : null;
            if (null !== $needless) {
                $entry = $entry->withNeedless($needless);
                $after = self::after($log, $entry, $view);
            }
        } catch (ExpectedError $error) {
            throw InvalidDocument::at("/entries/$index", $error->getMessage().$this->whoBefore($error).$this->whoHas($error));
        }
        $log = $after;
        $this->orders->addEntry($number, $stored->of($entry));
        $isDecided = EntryKind::Decision === $entry->content->kind;
        if ($isDecided || \count($log->stops()) > $stops) {
            $this->audit->add(
                $entry->by,
                $isDecided ? 'bench.decided' : 'bench.stopped',
                Subject::order($number),
                ['step' => $entry->stepId, 'entry' => $entry->content->asText()],
            );
        }

        return $log;
    }

    /** @throws ExpectedError if it does not fit what went before */
    private static function after(BenchLog $log, Entry $entry, BenchView $view): BenchLog
    {
        return null === $entry->corrects ? $log->with($entry, $view->shop) : $log->corrected($entry, $view->shop);
    }

    /** Who has taken it on, and when. */
    private function whoHas(ExpectedError $error): string
    {
        $claim = $error instanceof InvalidEntry ? $error->claim : null;

        return null === $claim ? '' : \sprintf(' %s took it on at %s.', $this->people->nameOf($claim->by), $this->time($claim->at));
    }

    private function time(\DateTimeImmutable $at): string
    {
        return $at->setTimezone($this->settings->zone())->format('H:i');
    }

    /** Who entered what bars it, and when, as the shop's clock shows it. */
    private function whoBefore(ExpectedError $error): string
    {
        $before = $error instanceof InvalidEntry ? $error->before : null;

        return null === $before ? '' : \sprintf(
            ' It was entered by %s at %s.',
            $this->people->nameOf($before->by),
            $this->time($before->at),
        );
    }
}
