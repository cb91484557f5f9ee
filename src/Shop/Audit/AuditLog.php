<?php

declare(strict_types=1);

namespace FreshTack\Shop\Audit;

/** Who did what to what, written in the same unit of work as the change itself. */
interface AuditLog
{
    /**
     * @param array<string, mixed> $detail
     * @param Move|null            $move   of the subject's status, if this changed it
     */
    public function add(string $by, string $action, Subject $subject, array $detail = [], ?Move $move = null): void;
}
