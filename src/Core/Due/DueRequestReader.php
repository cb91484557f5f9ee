<?php

declare(strict_types=1);

namespace FreshTack\Core\Due;

use FreshTack\Core\Quantity\EngineHours;
use FreshTack\Core\Reading\Cursor;
use FreshTack\Core\Reading\InvalidDocument;
use FreshTack\Core\Schedule\DueAssessment;
use FreshTack\Core\Schedule\DueBook;
use FreshTack\Core\Schedule\DuePolicy;
use FreshTack\Core\Schedule\EngineNow;
use FreshTack\Core\Schedule\Interval;
use FreshTack\Core\Schedule\LastDone;
use FreshTack\Core\Schedule\Limit;

/** Tasks with their intervals and last dates in, their states out: what `due:assess` reads. */
final readonly class DueRequestReader
{
    /**
     * @return list<array{string, DueAssessment}> with the tasks' ids, in their order
     *
     * @throws InvalidDocument with all that is wrong
     */
    public static function assess(mixed $document): array
    {
        $request = Cursor::over($document);
        $request->knowsOnly('now', 'inService', 'window', 'grace', 'tasks');
        $day = $request->at('now')->at('date')->day();
        $inService = $request->at('inService')->day();
        if ($inService > $day) {
            $request->at('inService')->flaw('An engine that is not yet in service has nothing due. Give a day up to that of asking.');
        }
        $hours = $request->at('now')->at('hours');
        $now = new EngineNow($day, self::hours($hours), $inService);
        $tasks = array_map(static fn (Cursor $task): array => self::task($task, $now), $request->at('tasks')->list(0, 10_000));
        self::eachOnce($request->at('tasks'), array_column($tasks, 0));
        $book = new DueBook(self::policy($request));
        $request->flaws->throwIfAny();

        return array_map(static fn (array $task): array => [$task[0], $book->assess($task[1] ?? throw new \LogicException('A task without interval is a flaw.'), $task[2], $now)], $tasks);
    }

    /** @param list<string> $ids */
    private static function eachOnce(Cursor $tasks, array $ids): void
    {
        foreach ($ids as $index => $id) {
            if (array_search($id, $ids, true) !== $index) {
                $tasks->at($index)->at('id')->flaw(\sprintf('Two tasks are called "%s".', $id));
            }
        }
    }

    private static function policy(Cursor $request): DuePolicy
    {
        $none = EngineHours::zero();

        return new DuePolicy(
            self::hours($request->at('window')->at('hours')) ?? $none,
            $request->at('window')->at('days')->optionalInt(0, 3650) ?? 0,
            self::hours($request->at('grace')->at('hours')) ?? $none,
            $request->at('grace')->at('days')->optionalInt(0, 3650) ?? 0,
        );
    }

    /** @return array{string, Interval|null, LastDone|null} */
    private static function task(Cursor $task, EngineNow $now): array
    {
        $task->knowsOnly('id', 'first', 'every', 'last');
        $every = self::limit($task->at('every'));
        $first = $task->at('first')->isNull() ? null : self::limit($task->at('first'));

        return [
            $task->at('id')->string(200),
            null === $every ? null : new Interval($first, $every),
            $task->at('last')->isNull() ? null : self::last($task->at('last'), $now),
        ];
    }

    private static function last(Cursor $last, EngineNow $now): LastDone
    {
        $on = $last->at('date')->day();
        if ($on > $now->day) {
            $last->at('date')->flaw('This day is after the day of asking. What is still to be done was not done.');
        }

        $hours = self::hours($last->at('hours'));
        if (null !== $hours && null !== $now->hours && $hours->tenths > $now->hours->tenths) {
            $last->at('hours')->flaw(
                'The engine has fewer hours than it had then. Correct one of them; after a change of meter count on from the old one.',
            );
        }

        return new LastDone($on, $hours);
    }

    private static function limit(Cursor $limit): ?Limit
    {
        $hours = self::hours($limit->at('hours'));
        $months = $limit->at('months')->optionalInt(1, 240);

        return $limit->attempt(static fn (): Limit => Limit::of($hours, $months));
    }

    /** A decimal as text; a whole number may stand as one. */
    private static function hours(Cursor $hours): ?EngineHours
    {
        if ($hours->isNull()) {
            return null;
        }
        $given = $hours->raw();
        $text = \is_int($given) ? (string) $given : $hours->string(20);

        return $hours->attempt(static fn (): EngineHours => EngineHours::of($text));
    }
}
