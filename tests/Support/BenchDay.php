<?php

declare(strict_types=1);

namespace FreshTack\Tests\Support;

use Brick\Math\BigDecimal;
use FreshTack\Core\Bench\BenchLog;
use FreshTack\Core\Bench\BenchStep;
use FreshTack\Core\Bench\Entry;
use FreshTack\Core\Bench\EntryContent;
use FreshTack\Core\Bench\InvalidEntry;
use FreshTack\Core\Bench\IssuedOrder;
use FreshTack\Core\Bench\IssuedOrderReader;
use FreshTack\Core\Bench\NotYet;
use FreshTack\Core\Bench\Told;
use FreshTack\Core\Fastening\InvalidTightening;
use FreshTack\Core\Fastening\Turns;
use FreshTack\Core\Finding\AnswerForm;
use FreshTack\Core\Finding\AskedMeasure;
use FreshTack\Core\Finding\AskedPlace;
use FreshTack\Core\Finding\Observation;
use FreshTack\Core\Finding\PlaceAnswer;
use FreshTack\Core\Fluid\Advice;
use FreshTack\Core\Fluid\DipstickReading;
use FreshTack\Core\Quantity\Minutes;
use FreshTack\Core\Quantity\Volume;

/** A day at the bench: an issued order, its log, and a clock that the test moves. */
final class BenchDay
{
    public const MORNING = '2026-03-18 09:00';

    public BenchLog $log;
    public \DateTimeImmutable $now;
    private int $sequence = 0;

    public function __construct(public readonly IssuedOrder $order)
    {
        $this->log = BenchLog::start($order);
        $this->now = new \DateTimeImmutable(self::MORNING, new \DateTimeZone('UTC'));
    }

    /** @param array<mixed> $request */
    public static function of(array $request): self
    {
        return new self(IssuedOrderReader::read(Requests::document($request)));
    }

    public static function ofTwin(): self
    {
        return self::of(Requests::twin());
    }

    /**
     * Everything in the order's own order as a good day gives it, up to a step; waits where the log says wait.
     *
     * @throws InvalidEntry|InvalidTightening
     */
    public function until(?string $stepId = null): self
    {
        foreach ($this->order->steps as $step) {
            if ($step->id === $stepId) {
                return $this;
            }
            if (null === $this->log->answer($step->id)) {
                $this->usual($step);
            }
        }

        return null === $stepId ? $this : throw new \LogicException("This order has no step $stepId.");
    }

    /** @throws InvalidEntry|InvalidTightening */
    public function usual(BenchStep $step, string $by = 'ada'): self
    {
        $notYet = $this->log->gates()->before($step, $step->effects, $by, $this->log->now($this->now));
        if (null !== $notYet?->until && $notYet->until > $this->now) {
            $this->now = $notYet->until;
        }
        $advice = $step->asksForLevel() ? $this->log->oilAt($step)->advice : null;
        if (Advice::Wait === $advice?->advice) {
            // read too soon, and told how long the oil has to rest still
            $this->now = $this->now->modify("+$advice->waitMin minutes");
        }

        return $this->enter($step->id, $this->goodDay($step), null, $by);
    }

    /** @return list<BenchStep> */
    public function openSteps(): array
    {
        return array_values(array_filter($this->order->steps, fn (BenchStep $step): bool => !$this->log->isDone($step)));
    }

    /** @return array<string, NotYet|null> what speaks against each step that is not answered, by step */
    public function open(string $by = 'ada'): array
    {
        $gates = $this->log->gates();
        $open = [];
        foreach ($this->order->steps as $step) {
            if (null === $this->log->answer($step->id)) {
                $open[$step->id] = $gates->before($step, $step->effects, $by, $this->now);
            }
        }

        return $open;
    }

    /** @return list<BenchStep> those that may be done now; where none may, those that only wait */
    public function mayBeDone(string $by = 'ada'): array
    {
        $gates = $this->log->gates();
        $may = $waits = [];
        foreach ($this->openSteps() as $step) {
            $notYet = $gates->before($step, $step->effects, $by, $this->now);
            if (null === $notYet) {
                $may[] = $step;
            } elseif (null !== $notYet->until) {
                $waits[] = $step;
            }
        }

        return [] === $may ? $waits : $may;
    }

    public function why(BenchStep $step): string
    {
        return $step->id.': '.$this->log->gates()->before($step, $step->effects, 'ada', $this->now)?->text();
    }

    /** @throws InvalidEntry|InvalidTightening */
    public function pour(string $stepId, int $millilitres, ?Told $told = null): self
    {
        return $this->enter($stepId, EntryContent::poured(Volume::whole(max(0, $millilitres))), $told);
    }

    /** @throws InvalidEntry|InvalidTightening */
    public function read(string $stepId, string $reading, ?Told $told = null): self
    {
        return $this->enter($stepId, EntryContent::level(DipstickReading::of($reading), null), $told);
    }

    /** @throws InvalidEntry|InvalidTightening */
    public function tick(string $stepId, ?Told $told = null): self
    {
        return $this->enter($stepId, EntryContent::tick(), $told);
    }

    /** @throws InvalidEntry|InvalidTightening */
    public function see(string $stepId, Observation $seen): self
    {
        return $this->enter($stepId, EntryContent::seen($seen));
    }

    /** @throws InvalidEntry|InvalidTightening */
    public function couldNot(string $stepId, string $why = 'seized'): self
    {
        return $this->enter($stepId, EntryContent::notDone($why));
    }

    /** @throws InvalidEntry|InvalidTightening */
    public function enter(string $stepId, EntryContent $content, ?Told $told = null, string $by = 'ada'): self
    {
        $this->log = $this->log->with($this->entry($stepId, $content, null, $told, $by));

        return $this;
    }

    /** @throws InvalidEntry|InvalidTightening */
    public function correct(Entry $wrong, EntryContent $content, ?Told $told = null): self
    {
        $this->log = $this->log->corrected($this->entry($wrong->stepId, $content, $wrong->uuid, $told ?? new Told(why: 'a slip')));

        return $this;
    }

    /** @throws InvalidEntry|InvalidTightening */
    public function correctLast(EntryContent $content): self
    {
        return $this->correct($this->last(), $content);
    }

    /** @throws InvalidEntry|InvalidTightening */
    public function decide(string $stepId, string $how = 'Looked at it together.'): self
    {
        return $this->enter($stepId, EntryContent::decision($how));
    }

    public function entry(string $stepId, EntryContent $content, ?string $corrects = null, ?Told $told = null, string $by = 'ada'): Entry
    {
        return new Entry('entry-'.++$this->sequence, $stepId, $content, $corrects, $by, $this->now, $told ?? new Told());
    }

    public function wait(int $minutes): self
    {
        $this->now = $this->now->modify("+$minutes minutes");

        return $this;
    }

    /** The last line of the log. */
    public function last(): Entry
    {
        return $this->log->entries[\count($this->log->entries) - 1];
    }

    private function goodDay(BenchStep $step): EntryContent
    {
        $torque = $step->tightening?->torque();
        $turns = $step->tightening?->turns();

        return match (true) {
            'oil_appearance' === $step->entry => EntryContent::seen(Observation::OilBlack),
            'arrival_level' === $step->entry => EntryContent::seen(Observation::ArrivalInBand),
            'leaks' === $step->entry => EntryContent::seen(Observation::LeaksDry),
            'tell_tale' === $step->entry => EntryContent::seen(Observation::TellTaleSteady),
            'poured' === $step->entry => EntryContent::poured(Volume::whole(max(
                0,
                $this->order->firstPourMl[$step->position->value ?? ''] ?? 0,
            ))),
            $step->asksForLevel() => EntryContent::level(
                DipstickReading::of($this->middle($step)),
                null === $this->log->oilAt($step)->eventAt ? Minutes::of(60) : null,
            ),
            'torque' === $step->entry && null !== $torque => EntryContent::torque($torque->nominal, 'TW-1'),
            'turns' === $step->entry => EntryContent::turns(null === $turns ? Turns::of('3/4') : $turns->min),
            'count' === $step->entry => EntryContent::count(4, 4),
            null !== $step->measure => EntryContent::measured(self::usualAnswers($step->measure)),
            'fasteners' === $step->entry => EntryContent::count($step->count ?? 0, $step->count ?? 0),
            default => EntryContent::tick(),
        };
    }

    /** @return list<PlaceAnswer> nothing found anywhere */
    public static function usualAnswers(AskedMeasure $asked): array
    {
        return array_map(static fn (AskedPlace $place): PlaceAnswer => match ($asked->measure->form()) {
            AnswerForm::Choice => new PlaceAnswer($place->key, $asked->answersAt($place)[0]->code ?? ''),
            AnswerForm::Figure => new PlaceAnswer($place->key, figures: [$place->range->max ?? $place->range->min ?? BigDecimal::of(5200)]),
            AnswerForm::Share => new PlaceAnswer($place->key, share: 80),
        }, $asked->places);
    }

    private function middle(BenchStep $step): string
    {
        $band = $step->level?->dipstick->band;

        return null === $band ? '0.60' : (string) $band->low->plus($band->high)->dividedBy(2, 2, \Brick\Math\RoundingMode::HalfUp);
    }
}
