<?php

declare(strict_types=1);

namespace FreshTack\Shop;

use FreshTack\Core\Bench\Obstacle;
use FreshTack\Core\ExpectedError;

/** The release gates that are not met yet. */
final class NotReleasable extends \DomainException implements ExpectedError
{
    /** @param non-empty-list<Obstacle> $obstacles */
    private function __construct(string $what, public readonly array $obstacles)
    {
        $count = \count($obstacles);
        parent::__construct(\sprintf('%s %s from being released.', 1 === $count ? 'One thing keeps' : "$count things keep", $what));
    }

    /** @param non-empty-list<Obstacle> $obstacles */
    public static function because(array $obstacles): self
    {
        return new self('this order', $obstacles);
    }

    /**
     * @param string                   $label     of the engine
     * @param non-empty-list<Obstacle> $obstacles
     */
    public static function engine(string $label, array $obstacles): self
    {
        return new self($label, $obstacles);
    }

    public function errorKey(): string
    {
        return 'order.not_releasable';
    }
}
