<?php

declare(strict_types=1);

namespace FreshTack\Storage;

use Doctrine\ORM\EntityManagerInterface;
use Doctrine\ORM\OptimisticLockException;
use FreshTack\Shop\Conflict;
use FreshTack\Shop\Unit;

final readonly class DoctrineUnit implements Unit
{
    public function __construct(private EntityManagerInterface $entities)
    {
    }

    public function run(\Closure $work): mixed
    {
        try {
            return $this->entities->wrapInTransaction(static fn (): mixed => $work());
        } catch (OptimisticLockException) {
            throw Conflict::changedMeanwhile('This');
        }
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
