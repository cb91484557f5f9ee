<?php

declare(strict_types=1);

namespace FreshTack\Shop\Register;

/** A folder into which an engine reader puts its reports. */
interface ReaderDrop
{
    /** @return array<string, string> content by name, oldest first */
    public function waiting(): array;

    public function taken(string $name): void;

    public function refused(string $name, string $why): void;
}
