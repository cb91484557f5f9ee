<?php

declare(strict_types=1);

namespace FreshTack\Core\Finding;

/** What becomes of a finding before its engine is released. */
enum Settlement: string
{
    case Done = 'done';
    case Owner = 'owner';
    case Waits = 'waits';

    public function label(): string
    {
        return match ($this) {
            self::Done => 'put right here',
            self::Owner => 'put to the owner',
            self::Waits => 'may wait',
        };
    }

    /** What has to be said with it. */
    public function asks(): string
    {
        return match ($this) {
            self::Done => 'Say what was done.',
            self::Owner => 'Say who was told, and when.',
            self::Waits => 'Say why it may wait, and who was told.',
        };
    }
}
