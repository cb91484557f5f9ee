<?php

declare(strict_types=1);

namespace FreshTack\Storage;

use Doctrine\DBAL\Connection;
use Doctrine\DBAL\Exception as DriverException;
use Doctrine\ORM\EntityManagerInterface;
use Doctrine\Persistence\ManagerRegistry;
use FreshTack\Core\ExpectedError;
use FreshTack\Shop\Conflict;
use FreshTack\Shop\Door;
use FreshTack\Shop\Unit;
use Symfony\Component\DependencyInjection\Attribute\AutowireIterator;

/**
 * One transaction. Whoever came second is not told of it: the work is run again from its first read, and then finds
 * what the first one did. A unit inside another one is part of it.
 */
final class DoctrineUnit implements Unit
{
    private const MOST_RUNS = 4;
    private const LONGEST_PAUSE_MICROSECONDS = 20_000;

    private bool $running = false;

    public function __construct(
        private readonly EntityManagerInterface $entities,
        private readonly Connection $connection,
        private readonly ManagerRegistry $managers,
        private readonly DoctrineAuditLog $trail,
        private readonly Door $door,
        /** @var iterable<RequestMemory> */
        #[AutowireIterator(RequestMemory::class)] private readonly iterable $memories,
    ) {
    }

    public function run(\Closure $work): mixed
    {
        return $this->inside(fn (): mixed => $this->kept($work), $work);
    }

    public function trial(\Closure $work): mixed
    {
        return $this->inside($looked = fn (): mixed => $this->looked($work), $looked);
    }

    public function letGo(): void
    {
        $this->entities->clear();
    }

    /**
     * @template T
     *
     * @param \Closure(): T $whole the work with all that makes it a unit
     * @param \Closure(): T $part  the work alone, as a part of the unit that runs already
     *
     * @return T
     *
     * @throws Conflict
     */
    private function inside(\Closure $whole, \Closure $part): mixed
    {
        if ($this->running) {
            return $part();
        }
        $this->door->enter();
        $this->running = true;

        try {
            return $this->atMost(self::MOST_RUNS, $whole);
        } finally {
            $this->running = false;
            $this->door->leave();
        }
    }

    /**
     * @template T
     *
     * @param \Closure(): T $whole
     *
     * @return T
     *
     * @throws Conflict if it met others each time
     */
    private function atMost(int $runs, \Closure $whole): mixed
    {
        try {
            return $whole();
        } catch (\Throwable $error) {
            if (!Collision::isBehind($error)) {
                throw $error;
            }
        }
        // the server may have given the transaction up: nothing that it and we know of each other holds any more
        $this->connection->close();
        $this->managers->resetManager();
        if (1 === $runs) {
            throw Conflict::changedMeanwhile('This');
        }
        usleep(random_int(0, self::LONGEST_PAUSE_MICROSECONDS));

        return $this->atMost($runs - 1, $whole);
    }

    /**
     * @template T
     *
     * @param \Closure(): T $work
     *
     * @return T
     */
    private function kept(\Closure $work): mixed
    {
        $this->begin();

        try {
            $result = $work();
            $this->entities->flush();
            $this->trail->write();
            $this->connection->commit();

            return $result;
        } catch (\Throwable $error) {
            $this->undo();
            if (!$error instanceof ExpectedError) {
                $this->entities->close();
            }

            throw $error;
        }
    }

    /**
     * @template T
     *
     * @param \Closure(): T $work
     *
     * @return T
     */
    private function looked(\Closure $work): mixed
    {
        $trail = $this->trail->length();
        $this->begin();

        try {
            return $work();
        } finally {
            $this->undo($trail);
        }
    }

    /** What was read before may have changed since. */
    private function begin(): void
    {
        $this->entities->clear();
        foreach ($this->memories as $memory) {
            $memory->reset();
        }
        $this->connection->beginTransaction();
    }

    private function undo(int $trail = 0): void
    {
        $this->trail->forget($trail);

        try {
            $this->connection->rollBack();
        } catch (DriverException) {
            // after a deadlock there is nothing left to roll back
        }
        $this->entities->clear();
    }
}
