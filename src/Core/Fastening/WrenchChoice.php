<?php

declare(strict_types=1);

namespace FreshTack\Core\Fastening;

final readonly class WrenchChoice
{
    /**
     * @param TorqueWrench|null $wrench  null: none fits
     * @param string|null       $warning what is wrong with it; null: nothing
     */
    public function __construct(public ?TorqueWrench $wrench, public ?string $warning)
    {
    }
}
