<?php

declare(strict_types=1);

namespace FreshTack\Tests\Core\Finding;

use FreshTack\Core\Finding\Measure;
use FreshTack\Core\Order\OrderedStep;
use FreshTack\Core\Procedure\ProcedureReader;
use FreshTack\Core\Procedure\StepEntry;
use FreshTack\Core\Reading\InvalidDocument;
use FreshTack\Core\SpecBook\Task;
use FreshTack\Tests\Support\Book;
use FreshTack\Tests\Support\Requests;
use PHPUnit\Framework\TestCase;

/** What the bench measures or sees stands at the step where it is seen, with the value that judges it. */
final class MeasureTest extends TestCase
{
    public function testTheBookAsksForEachAndForOneThingAtAStep(): void
    {
        $asked = [];
        foreach (array_map(ProcedureReader::read(...), Book::procedures()) as $procedure) {
            foreach ($procedure->operations as $operation) {
                foreach ($operation->doing->steps as $step) {
                    if (null !== $step->bench->measure) {
                        $asked[$step->bench->measure->value] = true;
                        self::assertSame(StepEntry::Tick, $step->bench->entry, $operation->id.'.'.$step->id);
                    }
                }
            }
        }

        self::assertSame([], array_diff(array_column(Measure::cases(), 'value'), array_keys($asked)));
    }

    /** By the demo book: the plug gap of the early K165, and when the impeller of the B60 is renewed. */
    public function testAStepCarriesTheLimitOfItsOwnSheet(): void
    {
        $limits = self::limits(self::request(array_column(Task::cases(), 'value')));

        self::assertSame(['path' => 'ignition.gap', 'text' => '1.0 – 1.1 mm'], $limits['plug_gap'] ?? null);
        $impeller = self::limits(Requests::single('B60', 'BB6-20500', 'brannock-b60', ['water_pump']))['impeller'] ?? null;
        self::assertSame(['path' => 'pump.impellerLimit', 'text' => 'a vane set by more than its own thickness, or any crack at its root'], $impeller);
        self::assertNull($limits['plug_look'], 'judged by the words of the trade');
    }

    /** The K165's sheet does not say when its impeller is renewed. */
    public function testALimitThatTheSheetLacksIsNone(): void
    {
        $limits = self::limits(self::request(['water_pump']));

        self::assertArrayHasKey('impeller', $limits);
        self::assertNull($limits['impeller']);
    }

    public function testAMeasureThatNobodyKnowsIsRefused(): void
    {
        $procedure = Book::procedures()[0] ?? [];
        $this->expectException(InvalidDocument::class);
        ProcedureReader::read(Book::with($procedure, ['operations', 0, 'steps', 0, 'measure'], 'weather'));
    }

    /**
     * @param list<string> $tasks
     *
     * @return array<mixed>
     */
    private static function request(array $tasks): array
    {
        return Requests::single('K165', 'KS4-10412', 'kestrane-k165-early', $tasks);
    }

    /**
     * @param array<mixed> $request
     *
     * @return array<string, mixed> path and text of each limit, by kind
     */
    private static function limits(array $request): array
    {
        $limits = [];
        foreach (Requests::build($request)->operations as $operation) {
            foreach (array_filter($operation->steps, static fn (OrderedStep $step): bool => null !== $step->done->measure) as $step) {
                $limit = $step->done->limit;
                $limits[$step->done->measure->measure->value ?? ''] = null === $limit ? null : [
                    'path' => $limit->path,
                    'text' => $limit->text,
                ];
            }
        }

        return $limits;
    }
}
