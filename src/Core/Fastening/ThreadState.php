<?php

declare(strict_types=1);

namespace FreshTack\Core\Fastening;

/** The state of the thread that a torque figure assumes; the same figure on another state is another clamping force. */
enum ThreadState: string
{
    case Dry = 'dry';
    case Oiled = 'oiled';
    case Greased = 'greased';
    case AntiSeize = 'anti_seize';

    public function label(): string
    {
        return match ($this) {
            self::Dry => 'clean and dry thread',
            self::Oiled => 'oiled thread',
            self::Greased => 'greased thread',
            self::AntiSeize => 'anti-seize on the thread',
        };
    }
}
