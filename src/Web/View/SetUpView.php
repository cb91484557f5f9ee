<?php

declare(strict_types=1);

namespace FreshTack\Web\View;

use FreshTack\Shop\Settings\SetUpPart;

final readonly class SetUpView
{
    /** @return array<string, mixed> */
    public static function of(SetUpPart $part): array
    {
        return [
            'key' => $part->topic->value,
            'name' => $part->topic->label(),
            'told' => $part->told,
            'isDone' => $part->isDone,
            'blocks' => $part->isDone ? null : $part->topic->blocks(),
            'to' => $part->topic->page(),
        ];
    }
}
