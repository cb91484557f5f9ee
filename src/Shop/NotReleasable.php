<?php

declare(strict_types=1);

namespace FreshTack\Shop;

use FreshTack\Core\Bench\Obstacle;
use FreshTack\Core\ExpectedError;

/** The release gates that are not met yet. */
final class NotReleasable extends \DomainException implements ExpectedError
{
    /** @param non-empty-list<Obstacle> $obstacles */
    private function __construct(public readonly array $obstacles)
    {
        parent::__construct(\sprintf('%d thing(s) keep this order from being released.', \count($obstacles)));
    }

    /** @param non-empty-list<Obstacle> $obstacles */
    public static function because(array $obstacles): self
    {
        return new self($obstacles);
    }

    public function errorKey(): string
    {
        return 'order.not_releasable';
    }
}
