<?php

declare(strict_types=1);

namespace FreshTack\Shop\Board;

use FreshTack\Core\Finding\Observation;
use FreshTack\Shop\Order\OrderFile;
use FreshTack\Shop\Register\Boat;

final readonly class BoardLine
{
    public function __construct(public OrderFile $file, public Boat $boat, public ?Observation $stoppedBy, public int $stepsDone, public int $steps)
    {
    }
}
