<?php

declare(strict_types=1);

namespace FreshTack\Core\Bench;

use FreshTack\Core\Plan\Position;
use FreshTack\Core\Plan\WorkId;

/** Where a part of a frozen order goes on. */
final readonly class IssuedUse
{
    /**
     * @param WorkId|null $work      the operation; null: an order of before does not say which of this engine's
     * @param int|null    $count     pieces; null: a kit, or an order of before
     * @param bool        $isLaidOut it lies ready in case it is needed
     */
    public function __construct(public Position $position, public ?WorkId $work, public ?int $count, public bool $isLaidOut)
    {
    }

    public function isOf(IssuedWork $work): bool
    {
        return $this->work?->text === $work->work->id->text;
    }
}
