<?php

declare(strict_types=1);

namespace FreshTack\Shop\Order;

use FreshTack\Core\Quantity\InvalidQuantity;
use FreshTack\Core\SpecBook\EngineModel;
use FreshTack\Shop\Board\EngineAssessment;
use FreshTack\Shop\Board\ShowBoats;
use FreshTack\Shop\Book\SpecBook;
use FreshTack\Shop\NotFound;
use FreshTack\Shop\ShopSettings;

/** What a check-in knows before anything is typed: the engines on the transom, the air by season and use. */
final readonly class PrefillCheckIn
{
    public function __construct(private ShowBoats $boats, private SpecBook $book, private Orders $orders, private ShopSettings $settings)
    {
    }

    /** @throws NotFound|InvalidQuantity */
    public function __invoke(int $boatId): CheckInForm
    {
        $state = $this->boats->one($boatId);
        $air = $this->settings->seasons()?->airFor($state->boat->use->months);
        $engines = array_map(static fn (EngineAssessment $assessed): DraftEngine => new DraftEngine($assessed->engine->id, $assessed->engine->model, $assessed->engine->serial, null, null, 0, null, [], $assessed->engine->year, $assessed->engine->gearcase), $state->engines);
        $models = array_map(static fn (EngineModel $model): array => ['code' => $model->code, 'maker' => $model->maker], $this->book->models());

        return new CheckInForm(
            $state->boat,
            $state->engines,
            new Draft($this->settings->places()[0], $air->coldest->celsius ?? 0, $air->warmest->celsius ?? 0, '', $engines),
            $models,
            $this->orders->openOf($boatId),
            null !== $air,
            $this->settings->places(),
        );
    }
}
