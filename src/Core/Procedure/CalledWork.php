<?php

declare(strict_types=1);

namespace FreshTack\Core\Procedure;

use FreshTack\Core\SpecBook\Task;

/** What the book's procedures call for, given one engine's facts and what was picked. */
final class CalledWork
{
    /** @var list<Procedure> what belongs to every visit first, then by task */
    private readonly array $procedures;
    /** @var array<int, int> place in the book, by operation */
    private array $places = [];
    /** The engine of which the rest is remembered: one is asked about many tasks in a row. */
    private ?EngineFacts $asked = null;
    /** @var array<string, list<Operation>> by procedure */
    private array $holding = [];
    /** @var array<string, true> tasks that the book says how to do */
    private readonly array $known;

    /** @param list<Procedure> $procedures in any order */
    public function __construct(array $procedures)
    {
        $rank = static fn (Procedure $procedure): int => null === $procedure->task ? -1 : (int) array_search($procedure->task, Task::cases(), true);
        usort($procedures, static fn (Procedure $a, Procedure $b): int => [$rank($a), $a->id] <=> [$rank($b), $b->id]);
        $this->procedures = $procedures;
        $this->known = array_fill_keys(
            array_map(static fn (Procedure $procedure): string => $procedure->task->value ?? '', $procedures),
            true,
        );
        foreach (array_merge(...array_map(
            static fn (Procedure $procedure): array => $procedure->operations,
            $procedures,
        )) as $place => $operation) {
            $this->places[spl_object_id($operation)] = $place;
        }
    }

    /** Its place in the book: what belongs to every visit first, then by task. */
    public function placeOf(Operation $operation): int
    {
        return $this->places[spl_object_id($operation)] ?? 0;
    }

    /**
     * The tasks' own operations, what belongs to every visit, and whatever must be opened for them, however deep.
     *
     * @param list<Task> $tasks
     *
     * @return list<array{Procedure, Operation}>
     */
    public function operations(EngineFacts $facts, array $tasks): array
    {
        $called = $covers = [];
        foreach ($this->of($tasks) as $procedure) {
            foreach ($this->holding($procedure, $facts) as $operation) {
                if (null !== $procedure->task || (null === $operation->opensOrCloses() && null === $operation->calling->mode)) {
                    $called[] = [$procedure, $operation];
                } elseif (null !== $operation->opensOrCloses()) {
                    $covers[] = [$procedure, $operation];
                }
            }
        }
        $openings = $this->openings($called, $covers);

        return [...$called, ...array_values(array_filter($covers, static fn (array $cover): bool => isset($openings[$cover[1]->opensOrCloses()->value ?? ''])))];
    }

    /** @return list<Operation> lockouts and changes of attitude as the book does them on such an engine */
    public function modes(EngineFacts $facts): array
    {
        $all = array_merge(...array_map(fn (Procedure $procedure): array => null === $procedure->task ? $this->holding($procedure, $facts) : [], $this->procedures));

        return array_values(array_filter($all, static fn (Operation $operation): bool => null !== $operation->calling->mode));
    }

    /**
     * @param list<Task> $tasks
     *
     * @return list<string> paths that these tasks need and that nothing answers, each once
     */
    public function holes(EngineFacts $facts, array $tasks): array
    {
        $needs = array_merge(...array_map(static fn (Procedure $procedure): array => $procedure->needsOf($facts), $this->of($tasks)));
        $missing = array_filter($needs, static fn (string $path): bool => !$facts->knows($path));
        foreach ($this->operations($facts, $tasks) as [, $operation]) {
            array_push($missing, ...$facts->missing($operation));
        }

        return array_values(array_unique($missing));
    }

    /** @return list<Operation> those that these facts call for */
    private function holding(Procedure $procedure, EngineFacts $facts): array
    {
        if ($facts !== $this->asked) {
            [$this->asked, $this->holding] = [$facts, []];
        }

        return $this->holding[$procedure->id] ??= $procedure->operationsFor($facts);
    }

    public function knows(Task $task): bool
    {
        return isset($this->known[$task->value]);
    }

    /**
     * @param list<Task> $tasks
     *
     * @return list<Procedure> those of the tasks, and what belongs to every visit
     */
    public function of(array $tasks): array
    {
        return [] === $tasks ? [] : array_values(array_filter($this->procedures, static fn (Procedure $procedure): bool => null === $procedure->task || \in_array($procedure->task, $tasks, true)));
    }

    /**
     * @param list<array{Procedure, Operation}> $called
     * @param list<array{Procedure, Operation}> $covers
     *
     * @return array<string, true> what must be opened for the work, and for opening it
     */
    private function openings(array $called, array $covers): array
    {
        $open = array_merge(...array_map(static fn (array $entry): array => $entry[1]->covers->open, $called));
        $needed = [];
        while ([] !== $open) {
            $opening = array_pop($open);
            if (!isset($needed[$opening->value])) {
                $needed[$opening->value] = true;
                $inFront = array_map(
                    static fn (array $cover): array => $opening === $cover[1]->covers->opens ? $cover[1]->covers->open : [],
                    $covers,
                );
                array_push($open, ...array_merge(...$inFront));
            }
        }

        return $needed;
    }
}
