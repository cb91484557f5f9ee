<?php

declare(strict_types=1);

namespace FreshTack\Web\View;

use FreshTack\Shop\Settings\SetUpPart;

final readonly class SetUpView
{
    /** @return array<string, mixed> */
    public static function of(SetUpPart $part): array
    {
        return ['key' => $part->key, 'name' => $part->name, 'told' => $part->told, 'isDone' => null === $part->blocks, 'blocks' => $part->blocks, 'to' => $part->to];
    }
}
