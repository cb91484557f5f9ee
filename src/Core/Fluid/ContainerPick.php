<?php

declare(strict_types=1);

namespace FreshTack\Core\Fluid;

final readonly class ContainerPick
{
    public function __construct(public Container $container, public int $count, public bool $opened)
    {
    }
}
