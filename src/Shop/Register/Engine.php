<?php

declare(strict_types=1);

namespace FreshTack\Shop\Register;

use FreshTack\Core\Order\Position;

final readonly class Engine
{
    public function __construct(
        public int $id,
        public int $boatId,
        public Position $position,
        public string $model,
        public string $serial,
        public \DateTimeImmutable $inService,
        public bool $hasMeter,
    ) {
    }
}
