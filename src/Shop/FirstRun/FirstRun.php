<?php

declare(strict_types=1);

namespace FreshTack\Shop\FirstRun;

/** Whether there is a shop, and the code by which one is opened. */
interface FirstRun
{
    public function isOpen(): bool;

    /** In place of the one before. */
    public function keepCode(string $hash): void;

    /** Held until the unit ends, so that two tries are counted one after the other. Null: there is no code that counts. */
    public function codeHash(): ?string;

    /** @return int how often the code was typed wrong by now */
    public function countWrong(): int;

    public function dropCode(): void;

    /**
     * The shop with all that it begins with.
     *
     * @param array<string, mixed> $document
     */
    public function open(array $document): void;
}
