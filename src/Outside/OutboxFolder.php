<?php

declare(strict_types=1);

namespace FreshTack\Outside;

use FreshTack\Shop\Reminder\NotSent;
use Psr\Clock\ClockInterface;
use Symfony\Component\Uid\Uuid;

/** `outbox` in the data folder: one file for each message. */
final readonly class OutboxFolder
{
    public function __construct(private string $dataDir, private ClockInterface $clock)
    {
    }

    /** @throws NotSent if the folder can't be written */
    public function put(string $ending, string $content): void
    {
        // a restore may have turned the link since PHP looked at it last
        clearstatcache(true);
        $folder = $this->dataDir.'/outbox';
        $file = \sprintf('%s/%s-%s.%s', $folder, $this->clock->now()->format('Ymd-His'), substr((string) Uuid::v4(), 0, 8), $ending);
        if ((!is_dir($folder) && !@mkdir($folder, 0o770, true) && !is_dir($folder)) || false === @file_put_contents($file, $content)) {
            throw NotSent::because('the outbox folder can\'t be written.');
        }
    }
}
