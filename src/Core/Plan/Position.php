<?php

declare(strict_types=1);

namespace FreshTack\Core\Plan;

/** Where an engine hangs on the transom, seen from astern looking forward, port to starboard. */
enum Position: string
{
    case Single = 'single';
    case PortOuter = 'port_outer';
    case Port = 'port';
    case PortInner = 'port_inner';
    case Centre = 'centre';
    case StarboardInner = 'starboard_inner';
    case Starboard = 'starboard';
    case StarboardOuter = 'starboard_outer';

    public function label(): string
    {
        return match ($this) {
            self::Single => 'Engine',
            self::Port => 'Port',
            self::Starboard => 'Starboard',
            self::Centre => 'Centre',
            self::PortOuter => 'Port outer',
            self::PortInner => 'Port inner',
            self::StarboardInner => 'Starboard inner',
            self::StarboardOuter => 'Starboard outer',
        };
    }

    /** As a transom or a crowded sheet writes it: `PO`. */
    public function initials(): string
    {
        return strtoupper(implode('', array_map(static fn (string $word): string => $word[0], explode(' ', $this->label()))));
    }

    public function rank(): int
    {
        return (int) array_search($this, self::cases(), true);
    }
}
