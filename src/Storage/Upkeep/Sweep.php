<?php

declare(strict_types=1);

namespace FreshTack\Storage\Upkeep;

use Psr\Clock\ClockInterface;

/** Removes what can be made again, and what has had its time. Nothing of the database, and no message to an owner. */
final readonly class Sweep
{
    /** Seconds without a change after which files go, by what they are. */
    private const AFTER = [
        'prints/*.pdf' => 30 * 86_400,
        'labels/*' => 30 * 86_400,
        'prints/.*.new' => 3_600,
        'progress/*' => 86_400,
        'sessions/sess_*' => 43_200,
        'log/*.log' => 30 * 86_400,
        'reader/taken/*' => 90 * 86_400,
        'reader/refused/*' => 90 * 86_400,
        'wrench/in/*' => 86_400,
        'wrench/refused/*' => 90 * 86_400,
        '.fresh-tack-*/*' => 86_400,
    ];

    public function __construct(private string $dataDir, private ClockInterface $clock)
    {
    }

    /** @return int how many were removed */
    public function __invoke(): int
    {
        $removed = 0;
        foreach (self::AFTER as $pattern => $seconds) {
            $files = glob("$this->dataDir/$pattern");
            foreach (array_filter(false === $files ? [] : $files, is_file(...)) as $file) {
                if (@filemtime($file) < $this->clock->now()->getTimestamp() - $seconds && @unlink($file)) {
                    ++$removed;
                }
            }
        }

        return $removed;
    }
}
