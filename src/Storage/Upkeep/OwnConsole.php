<?php

declare(strict_types=1);

namespace FreshTack\Storage\Upkeep;

/** The program's own commands, each in a process of its own. */
final readonly class OwnConsole
{
    public function __construct(private string $projectDir)
    {
    }

    /**
     * @param string|null $building a database that is being built; null: the live one
     *
     * @throws UpkeepFailed with what it said
     */
    public function run(?string $building, string ...$words): void
    {
        Command::of(
            [\PHP_BINARY, $this->projectDir.'/bin/console', ...array_values($words)],
            null === $building ? [] : ['FRESH_TACK_DATABASE' => $building],
        )->run();
    }
}
