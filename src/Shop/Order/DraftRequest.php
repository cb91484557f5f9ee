<?php

declare(strict_types=1);

namespace FreshTack\Shop\Order;

use FreshTack\Core\Order\OrderRequest;
use FreshTack\Shop\Board\EngineAssessment;
use FreshTack\Shop\Register\Boat;

/** A draft as it stands on somebody's screen, and what it asks of the order builder. */
final readonly class DraftRequest
{
    /**
     * @param list<EngineAssessment> $assessed in the order of the draft
     * @param OrderRequest|null      $request  null: no engine has a sheet
     */
    public function __construct(public OrderFile $file, public Draft $draft, public Boat $boat, public array $assessed, public ?OrderRequest $request)
    {
    }
}
