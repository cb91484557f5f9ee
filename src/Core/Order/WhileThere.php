<?php

declare(strict_types=1);

namespace FreshTack\Core\Order;

use FreshTack\Core\Quantity\Minutes;
use FreshTack\Core\SpecBook\Task;

/**
 * What else could be done now that the engine is open: each task is counted into the order as if it had been picked,
 * and counted alone, so that the two can be compared. Nothing is added.
 */
final readonly class WhileThere
{
    /**
     * @param OrderRequest              $request    with the picked tasks that can be done
     * @param array<string, list<Task>> $candidates not picked, by position
     *
     * @return list<Offer> of those that could be done; empty if nothing is picked
     */
    public function offers(OrderRequest $request, array $candidates): array
    {
        $hands = new HandsOn($request);
        $base = array_map($hands->doable(...), $request->engines);
        $minutes = $hands->of(...$base);
        $picked = [] !== array_filter($base, static fn (EngineRequest $engine): bool => [] !== $engine->tasks);
        $offers = [];
        if (!$picked || null === $minutes) {
            return [];
        }
        foreach ($base as $place => $engine) {
            foreach ($candidates[$engine->position->value] ?? [] as $task) {
                $offer = $this->offer($hands, $base, $minutes, $request->engines[$place], $place, $task);
                $offers = [...$offers, ...(null === $offer ? [] : [$offer])];
            }
        }

        return $offers;
    }

    /**
     * What the picked tasks would take if each were done in an order of its own, with what is done within it.
     *
     * @return Minutes what can't be done is left out
     */
    public function alone(OrderRequest $request): Minutes
    {
        $hands = new HandsOn($request);
        $sum = Minutes::none();
        foreach (array_map($hands->doable(...), $request->engines) as $engine) {
            foreach (array_filter($engine->tasks, static fn (PickedTask $picked): bool => null === $picked->task->within()) as $picked) {
                $inner = array_filter($engine->tasks, static fn (PickedTask $other): bool => $picked->task === $other->task->within());
                $sum = $sum->plus($hands->of($engine->withTasks([$picked, ...array_values($inner)])) ?? Minutes::none());
            }
        }

        return $sum;
    }

    /**
     * What was picked and could not be done without it is counted with it.
     *
     * @param list<EngineRequest> $base   with the tasks that can be done
     * @param EngineRequest       $asked  the engine at this place, with all that was picked
     */
    private function offer(HandsOn $hands, array $base, Minutes $minutes, EngineRequest $asked, int $place, Task $task): ?Offer
    {
        $engine = $base[$place] ?? $asked;
        $picked = array_map(static fn (PickedTask $each): Task => $each->task, $engine->tasks);
        $within = $task->within();
        if (null !== $within && !\in_array($within, $picked, true)) {
            return null;
        }
        $isAllDoable = \count($asked->tasks) === \count($engine->tasks);
        $more = $asked->withTasks([...$asked->tasks, new PickedTask($task, '')]);
        $done = $isAllDoable ? $more : $hands->doable($more);
        if (!\in_array($task, array_map(static fn (PickedTask $each): Task => $each->task, $done->tasks), true)) {
            return null;
        }
        $with = $hands->of(...array_replace($base, [$place => $done]));
        $alone = $hands->of($engine->withTasks($this->alongWith($task)));

        return null === $with || null === $alone ? null : new Offer($engine->position, $task, $with->beyond($minutes), $alone);
    }

    /** @return list<PickedTask> the task with the one that it is done within */
    private function alongWith(Task $task): array
    {
        $within = $task->within();

        return array_map(static fn (Task $each): PickedTask => new PickedTask($each, ''), null === $within ? [$task] : [$within, $task]);
    }
}
