<?php

declare(strict_types=1);

namespace FreshTack\Shop\Audit;

/** Who did what to what, written in the same transaction as the change itself. */
interface AuditLog
{
    /** @param array<string, mixed> $detail */
    public function add(string $by, string $action, string $subject, array $detail = []): void;
}
