<?php

declare(strict_types=1);

namespace FreshTack\Storage;

use Doctrine\DBAL\Exception\RetryableException;
use Doctrine\ORM\EntityManagerInterface;
use Doctrine\ORM\OptimisticLockException;
use FreshTack\Core\ExpectedError;
use FreshTack\Shop\Conflict;
use FreshTack\Shop\Door;
use FreshTack\Shop\Unit;

final readonly class DoctrineUnit implements Unit
{
    public function __construct(private EntityManagerInterface $entities, private Door $door)
    {
    }

    /** What the shop refuses leaves nothing behind, and the next unit of work can begin; after anything else there is none. */
    public function run(\Closure $work): mixed
    {
        $this->door->enter();

        try {
            return $this->kept($work);
        } finally {
            $this->door->leave();
        }
    }

    /**
     * @template T
     *
     * @param \Closure(): T $work
     *
     * @return T
     *
     * @throws Conflict
     */
    private function kept(\Closure $work): mixed
    {
        $this->entities->beginTransaction();

        try {
            $result = $work();
            $this->entities->flush();
            $this->entities->commit();

            return $result;
        } catch (OptimisticLockException|RetryableException) {
            $this->undo();

            throw Conflict::changedMeanwhile('This');
        } catch (\Throwable $error) {
            $this->undo();
            if (!$error instanceof ExpectedError) {
                $this->entities->close();
            }

            throw $error;
        }
    }

    private function undo(): void
    {
        $this->entities->rollback();
        $this->entities->clear();
    }

    public function trial(\Closure $work): mixed
    {
        $this->entities->beginTransaction();

        try {
            return $work();
        } finally {
            $this->entities->rollback();
            $this->entities->clear();
        }
    }

    public function letGo(): void
    {
        $this->entities->clear();
    }
}
