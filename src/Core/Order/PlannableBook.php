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

/** Whether the procedures of a book can be planned on its sheets: each task alone, and all together. */
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
            $scheduled = array_values(array_filter(Task::cases(), static fn (Task $task): bool => null !== $sheet->interval($task)));
            $alone = array_filter($tasks, static fn (Task $task): bool => \in_array($task, $scheduled, true));
            foreach ([
                $scheduled,
                ...array_map(static fn (Task $task): array => array_values(array_filter([$task->within(), $task])), array_values($alone)),
            ] as $picked) {
                $this->builder->build($this->request($procedures, $sheet, $picked));
            }
        }
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
