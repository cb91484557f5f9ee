<?php

declare(strict_types=1);

namespace FreshTack\Shop\Settings;

final readonly class SetUpPart
{
    /** @param string $told what is there */
    public function __construct(public SetUpTopic $topic, public string $told, public bool $isDone)
    {
    }
}
