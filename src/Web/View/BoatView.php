<?php

declare(strict_types=1);

namespace FreshTack\Web\View;

use FreshTack\Shop\Board\BoatState;
use FreshTack\Shop\Register\Boat;
use FreshTack\Shop\Register\Engine;

final readonly class BoatView
{
    /** @return array<string, mixed> */
    public static function state(BoatState $state): array
    {
        return [...self::of($state->boat), 'engines' => array_map(EngineView::of(...), $state->engines)];
    }

    /** @return array<string, mixed> */
    public static function of(Boat $boat): array
    {
        return [
            'id' => $boat->id,
            'name' => $boat->name,
            'kind' => $boat->kind,
            'registration' => $boat->registration,
            'customer' => $boat->customer,
            'use' => ['water' => $boat->use->water, 'kept' => $boat->use->kept, 'commercial' => $boat->use->commercial, 'months' => $boat->use->months],
            'version' => $boat->version,
        ];
    }

    /** @return array<string, mixed> */
    public static function hit(Boat $boat): array
    {
        return [
            'boatId' => $boat->id,
            'name' => $boat->name,
            'customer' => $boat->customer,
            'registration' => $boat->registration,
            'engines' => array_map(static fn (Engine $engine): string => $engine->model.' '.$engine->serial, $boat->engines),
        ];
    }
}
