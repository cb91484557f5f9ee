<?php

declare(strict_types=1);

namespace FreshTack\Shop\Bench;

/** Where digital torque wrenches leave their readings. */
interface WrenchDrop
{
    /** @return array<string, string> what was read lately, by the name of each, the newest first */
    public function lately(\DateTimeImmutable $since): array;

    /** It is put aside with the reason, and not looked at again. */
    public function refused(string $name, string $why): void;
}
