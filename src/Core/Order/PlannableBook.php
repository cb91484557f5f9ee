<?php

declare(strict_types=1);

namespace FreshTack\Core\Order;

use FreshTack\Core\Fluid\AirRange;
use FreshTack\Core\Parts\PartsShelf;
use FreshTack\Core\Plan\CannotPlan;
use FreshTack\Core\Plan\GateBroken;
use FreshTack\Core\Plan\Position;
use FreshTack\Core\Policy\Schools;
use FreshTack\Core\Procedure\Procedure;
use FreshTack\Core\Quantity\InvalidQuantity;
use FreshTack\Core\Quantity\Temperature;
use FreshTack\Core\Quantity\Volume;
use FreshTack\Core\SpecBook\SpecSheet;
use FreshTack\Core\SpecBook\Task;

/** Whether the procedures of a book can be planned on its sheets: each task alone, and all together. A sheet checks itself. */
final readonly class PlannableBook
{
    public function __construct(private OrderBuilder $builder = new OrderBuilder())
    {
    }

    /**
     * @param list<Procedure> $procedures
     * @param list<SpecSheet> $sheets
     * @param list<Task>      $tasks      that are tried alone; all of a sheet's together are tried in any case
     *
     * @throws GateBroken if what the procedures ask leads to work that a gate forbids
     * @throws CannotPlan if works bar each other's way
     */
    public function check(array $procedures, array $sheets, array $tasks): void
    {
        foreach ($sheets as $sheet) {
            $this->builder->build($this->request($procedures, $sheet, $sheet->tasks()));
            foreach (array_filter($sheet->tasks(), static fn (Task $task): bool => \in_array($task, $tasks, true)) as $task) {
                $this->builder->build($this->request($procedures, $sheet, self::alone($task)));
            }
        }
    }

    /**
     * Builds the order of each task of a sheet's schedule alone, and of all together, and replays it.
     *
     * @param list<Procedure> $procedures
     *
     * @return list<TriedTask> all together first; empty if the schedule knows no task
     */
    public function tryOut(array $procedures, SpecSheet $sheet): array
    {
        $tasks = $sheet->tasks();

        return [] === $tasks ? [] : [
            $this->tried($procedures, $sheet, null, $tasks),
            ...array_map(fn (Task $task): TriedTask => $this->tried($procedures, $sheet, $task, self::alone($task)), $tasks),
        ];
    }

    /**
     * @param list<Procedure> $procedures
     * @param list<Task>      $picked
     */
    private function tried(array $procedures, SpecSheet $sheet, ?Task $task, array $picked): TriedTask
    {
        try {
            $order = $this->builder->build($this->request($procedures, $sheet, $picked));
        } catch (GateBroken|CannotPlan $error) {
            return new TriedTask($task, 0, 0, [], $error->getMessage());
        }
        $parked = array_map(static fn (BlockedTask $blocked): string => $blocked->task->title().': '.$blocked->reason, $order->blocked());

        return new TriedTask($task, \count($order->operations), $order->timeline->handsOnMin(), $parked, null);
    }

    /** @return list<Task> with the one within which it is done */
    private static function alone(Task $task): array
    {
        return array_values(array_filter([$task->within(), $task]));
    }

    /**
     * @param list<Procedure> $procedures
     * @param list<Task>      $tasks
     */
    private function request(array $procedures, SpecSheet $sheet, array $tasks): OrderRequest
    {
        $none = Volume::nothing();

        return new OrderRequest(
            new Visit('book', new \DateTimeImmutable('2000-01-01'), Place::Lift, self::air()),
            new OrderPolicy(90, $none, Volume::whole(50), [], Schools::standard()),
            new Supplies([], PartsShelf::of()),
            [new EngineRequest(
                Position::Single,
                $sheet->head->models[0] ?? '',
                '',
                null,
                null,
                array_map(static fn (Task $task): PickedTask => new PickedTask($task, ''), $tasks),
                $sheet,
            )],
            $procedures,
        );
    }

    private static function air(): AirRange
    {
        try {
            return AirRange::of(Temperature::ofCelsius(5), Temperature::ofCelsius(20));
        } catch (InvalidQuantity $error) {
            throw new \LogicException('Five degrees are colder than twenty.', 0, $error);
        }
    }
}
