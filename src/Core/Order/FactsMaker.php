<?php

declare(strict_types=1);

namespace FreshTack\Core\Order;

use FreshTack\Core\Fluid\Advice;
use FreshTack\Core\Fluid\Aim;
use FreshTack\Core\Fluid\DipstickSpec;
use FreshTack\Core\Fluid\LevelAdvice;
use FreshTack\Core\Fluid\LevelAdvisor;
use FreshTack\Core\Fluid\LevelQuestion;
use FreshTack\Core\Policy\Question;
use FreshTack\Core\Procedure\EngineFacts;
use FreshTack\Core\Procedure\Figure;
use FreshTack\Core\Quantity\Volume;
use FreshTack\Core\Schedule\Action;
use FreshTack\Core\SpecBook\SheetField;
use FreshTack\Core\SpecBook\SheetValue;
use FreshTack\Core\SpecBook\Task;

/** Works out what an order knows beyond the sheet: oil, capacity, first pour, method, the meaning of the level on arrival. */
final readonly class FactsMaker
{
    public function __construct(private OrderRequest $request, private LevelAdvisor $advisor = new LevelAdvisor())
    {
    }

    /** @param list<PickedTask> $ready */
    public function of(EngineRequest $engine, array $ready): EngineFacts
    {
        $method = $this->drainMethod($engine);
        $filter = $this->withFilter($ready) ? 'yes' : 'no';
        $isLow = null !== $engine->arrival && $engine->arrival->reading->isBelowLow();
        $warm = !$isLow && $this->request->policy->schools->is(Question::DrainTemperature, 'warm') ? 'yes' : 'no';
        $figures = [
            new Figure('order.place', 'place', $this->request->visit->place->label(), null, 'check-in'),
            new Figure('order.air', 'air until the next service', $this->request->visit->air->text(), null, 'check-in'),
            new Figure('order.engines', 'engines', (string) \count($this->request->engines), null, 'check-in'),
            new Figure(
                'order.warm',
                'drained warm',
                $warm,
                $isLow ? 'Below the low mark on arrival: not run before oil is in.' : null,
                'shop policy',
            ),
            new Figure('order.filter', 'filter changed', $filter, null, 'tasks picked'),
            ...(null === $method ? [] : [new Figure('order.drainMethod', 'drained by', $method, null, 'sheet and place')]),
            ...(null === $engine->arrival ? [] : [new Figure('order.arrival', 'level on arrival', $engine->arrival->reading->text(), null, 'check-in')]),
            $this->gasketLubricant($engine),
            ...$this->oilFigures($engine, $ready),
        ];
        $raw = [
            'order.place' => $this->request->visit->place->value,
            'order.warm' => $warm,
            'order.filter' => $filter,
            'order.separators' => $this->request->visit->separators->count->value,
            'order.arrivalRead' => $this->isArrivalRead($engine) ? 'yes' : 'no',
            ...self::renewals($engine, $ready),
        ];

        return new EngineFacts(
            $engine->sheet,
            array_column(array_map(static fn (Figure $figure): array => [$figure->path, $figure], $figures), 1, 0),
            $raw,
            array_map(static fn (PickedTask $picked): Task => $picked->task, $ready),
            $this->request->policy->schools,
            seen: $this->request->policy->answers,
        );
    }

    /**
     * What is renewed on wish goes as if the sheet asked for it.
     *
     * @param list<PickedTask> $ready
     *
     * @return array<string, string> by the schedule's path
     */
    private static function renewals(EngineRequest $engine, array $ready): array
    {
        $wished = array_filter(
            $ready,
            static fn (PickedTask $picked): bool => $picked->isRenewedOnWish($engine->sheet),
        );

        return array_fill_keys(
            array_map(static fn (PickedTask $picked): string => $picked->task->schedule()->value, $wished),
            Action::Renew->value,
        );
    }

    /** The sheet's word where it has one, else the shop's school. */
    private function gasketLubricant(EngineRequest $engine): Figure
    {
        $said = $engine->sheet->value(SheetField::FilterGasketLubricant);

        return new Figure('order.gasketLubricant', 'filter gasket lubricant', $said?->figure() ?? $this->request->policy->schools->answer(Question::FilterGasket)->name, null, $said?->source->text() ?? 'shop policy');
    }

    /**
     * @param list<PickedTask> $ready
     *
     * @return list<Figure>
     */
    private function oilFigures(EngineRequest $engine, array $ready): array
    {
        $capacity = $engine->sheet->value($this->capacityField($ready));
        $oil = $this->oil($engine, $ready);
        $air = $this->request->visit->air;
        $grade = $engine->sheet->grades()?->choose($air, $this->request->policy->prefersGrades);
        $chart = $engine->sheet->value(SheetField::Grades)?->source->text() ?? '';

        return [
            ...(null === $capacity ? [] : [$this->capacityFigure($capacity)]),
            ...(null === $grade ? [] : [new Figure('order.grade', 'oil grade', $grade->range->grade, $grade->why($air), $chart)]),
            ...(null === $oil ? [] : $this->pourFigures($oil)),
        ];
    }

    /** @return list<Figure> */
    private function pourFigures(EngineOil $oil): array
    {
        $named = $oil->choice->range->grade.', class '.$oil->performanceClass;
        $whole = \sprintf('of %s in all', $oil->capacity->inBothUnits());
        $why = \sprintf('%d %% of the capacity (shop policy), rounded down', $this->request->policy->firstPourPercent);

        return [
            new Figure('order.oil', 'engine oil', $named, null, $oil->choice->why($this->request->visit->air)),
            new Figure('order.firstPour', 'first pour', $oil->firstPour->inBothUnits(), $whole, $why),
        ];
    }

    private function capacityFigure(SheetValue $capacity): Figure
    {
        return new Figure('order.capacity', $capacity->field->label(), $capacity->figure(), null, $capacity->source->text());
    }

    /** @param list<PickedTask> $ready */
    public function oil(EngineRequest $engine, array $ready): ?EngineOil
    {
        $field = $this->capacityField($ready);
        $capacity = $engine->sheet->volume($field);
        $class = $engine->sheet->text(SheetField::PerformanceClass);
        $grade = $engine->sheet->grades()?->choose($this->request->visit->air, $this->request->policy->prefersGrades);
        if (null === $capacity || null === $grade || null === $class) {
            return null;
        }
        $why = \sprintf('%s: %s.', ucfirst($field->label()), $engine->sheet->value($field)?->source->text() ?? '');

        return new EngineOil(
            $grade,
            $class,
            SheetField::CapacityWithFilter === $field,
            $capacity,
            $this->firstPour($engine, $capacity),
            $why,
            $this->staysBehind($engine),
        );
    }

    /** The policy's share of the capacity, less what extraction leaves behind, rounded down to the step of the jug. */
    private function firstPour(EngineRequest $engine, Volume $capacity): Volume
    {
        $left = $this->staysBehind($engine)->millilitresUp();
        $step = max(1, $this->request->policy->roundTo->millilitresUp());
        $share = intdiv($capacity->millilitresDown() * $this->request->policy->firstPourPercent, 100) - $left;

        return Volume::whole(max(0, intdiv($share, $step) * $step));
    }

    private function staysBehind(EngineRequest $engine): Volume
    {
        $left = 'extraction' === $this->drainMethod($engine) ? $engine->sheet->volume(SheetField::LeftByExtraction) : null;

        return $left ?? Volume::nothing();
    }

    /** @param list<PickedTask> $ready */
    private function capacityField(array $ready): SheetField
    {
        return $this->withFilter($ready) ? SheetField::CapacityWithFilter : SheetField::CapacityWithoutFilter;
    }

    /** @param list<PickedTask> $ready */
    private function withFilter(array $ready): bool
    {
        return [] !== array_filter($ready, static fn (PickedTask $picked): bool => Task::OilFilter === $picked->task);
    }

    private function drainMethod(EngineRequest $engine): ?string
    {
        $kind = $engine->sheet->text(SheetField::DrainKind);
        $pumped = $this->request->policy->schools->is(Question::DrainBy, 'extraction') && true === $engine->sheet->choices(SheetField::DrainAllowed)?->has('extraction');

        return null !== $kind && ($pumped || Place::Afloat === $this->request->visit->place) ? 'extraction' : $kind;
    }

    public function isStuckAfloat(EngineRequest $engine): bool
    {
        return Place::Afloat === $this->request->visit->place
            && 'extraction' !== $engine->sheet->text(SheetField::DrainKind)
            && true !== $engine->sheet->choices(SheetField::DrainAllowed)?->has('extraction');
    }

    public function level(EngineRequest $engine): ?Level
    {
        $span = $engine->sheet->volume(SheetField::DipstickSpan);
        $band = $engine->sheet->band();
        $most = $engine->sheet->volume(SheetField::LargestTopUp);
        $afterRun = $engine->sheet->minutes(SheetField::RestAfterRun);
        $afterPour = $engine->sheet->minutes(SheetField::RestAfterPour);

        return null === $span || null === $band || null === $most || null === $afterRun || null === $afterPour
            ? null
            : new Level(
                new DipstickSpec(
                    $span,
                    $band,
                    $most,
                    $this->request->policy->roundTo,
                    Aim::from($this->request->policy->schools->answer(Question::TargetLevel)->code),
                ),
                $afterRun,
                $afterPour,
                $this->request->policy->schools->is(Question::WhenToRead, 'two_agree'),
            );
    }

    public function arrivalAdvice(EngineRequest $engine): ?LevelAdvice
    {
        $level = $this->level($engine);

        return null === $level || null === $engine->arrival
            ? null
            : $this->advisor->advise(new LevelQuestion($engine->arrival->reading, true, false, $engine->arrival->rest, $level->restAfterRun), $level->dipstick);
    }

    /** A reading that had not settled is read again before anything else. */
    private function isArrivalRead(EngineRequest $engine): bool
    {
        return null !== $engine->arrival && Advice::Wait !== $this->arrivalAdvice($engine)?->advice;
    }

    public function isArrivalUndecided(EngineRequest $engine): bool
    {
        return null === $engine->arrival?->decision && Advice::Investigate === $this->arrivalAdvice($engine)?->advice;
    }
}
