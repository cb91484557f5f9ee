<?php

declare(strict_types=1);

namespace FreshTack\Shop\Stock;

use FreshTack\Core\Order\ShelfOil;
use FreshTack\Shop\Audit\AuditLog;
use FreshTack\Shop\Audit\Subject;
use FreshTack\Shop\Conflict;
use FreshTack\Shop\NotFound;
use FreshTack\Shop\Unit;

/** Puts oils on the shelf, and takes them off it. Orders that are issued keep what they were made with. */
final readonly class KeepOil
{
    public function __construct(private OilShelf $shelf, private AuditLog $audit, private Unit $unit)
    {
    }

    /**
     * @param int|null $version null: it is new
     *
     * @throws NotFound|Conflict
     */
    public function keep(ShelfOil $oil, ?int $version, string $by): void
    {
        $this->unit->run(function () use ($oil, $version, $by): void {
            null === $version ? $this->shelf->add($oil) : $this->shelf->change($oil, $version);
            $this->audit->add($by, null === $version ? 'oil.added' : 'oil.changed', Subject::oil($oil->container->id));
        });
    }

    /** @throws NotFound|Conflict */
    public function remove(string $id, int $version, string $by): void
    {
        $this->unit->run(function () use ($id, $version, $by): void {
            $this->shelf->remove($id, $version);
            $this->audit->add($by, 'oil.removed', Subject::oil($id));
        });
    }
}
