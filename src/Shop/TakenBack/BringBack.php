<?php

declare(strict_types=1);

namespace FreshTack\Shop\TakenBack;

use FreshTack\Shop\Audit\AuditLog;
use FreshTack\Shop\Audit\Subject;
use FreshTack\Shop\Conflict;
use FreshTack\Shop\NotFound;
use FreshTack\Shop\Unit;

/** Brings back what was removed from the register. */
final readonly class BringBack
{
    public function __construct(private RemovedThings $removed, private AuditLog $audit, private Unit $unit)
    {
    }

    /** @throws NotFound|Conflict */
    public function __invoke(int $id, string $by): Removed
    {
        return $this->unit->run(function () use ($id, $by): Removed {
            $back = $this->removed->bringBack($id);
            $subject = match ($back->kind) {
                RemovedKind::Boat => Subject::boat($back->ref),
                RemovedKind::Engine => Subject::engine($back->ref),
                RemovedKind::Customer => Subject::customer($back->ref),
            };
            $this->audit->add($by, $back->kind->value.'.brought_back', $subject, ['name' => $back->name]);

            return $back;
        });
    }
}
