<?php

declare(strict_types=1);

namespace FreshTack\Core\Finding;

enum Verdict: string
{
    case GoOn = 'go_on';
    case Note = 'note';
    /** Somebody decides what becomes of it before the engine is released. */
    case Finding = 'finding';
    /** Nothing more is done at the engine until somebody decides. */
    case Stop = 'stop';

    /** The gravest; nothing seen is nothing against going on. */
    public static function worst(self ...$verdicts): self
    {
        return array_reduce(
            $verdicts,
            static fn (self $worst, self $each): self => $each->isGraverThan($worst) ? $each : $worst,
            self::GoOn,
        );
    }

    public function isGraverThan(self $other): bool
    {
        return $this->gravity() > $other->gravity();
    }

    private function gravity(): int
    {
        return match ($this) {
            self::GoOn => 0,
            self::Note => 1,
            self::Finding => 2,
            self::Stop => 3,
        };
    }
}
