<?php

declare(strict_types=1);

namespace FreshTack\Storage\Background;

use FreshTack\Shop\Due\ReckonStale;
use FreshTack\Shop\Progress;
use Symfony\Component\Messenger\Attribute\AsMessageHandler;
use Symfony\Component\Messenger\MessageBusInterface;

/** Asks the worker for a job that does nothing but tell that it was done. */
#[AsMessageHandler]
final readonly class ProbeWorker
{
    public function __construct(private MessageBusInterface $bus, private Progress $progress)
    {
    }

    /** True as well while it is busy with something longer that moves. */
    public function isAnswered(int $seconds): bool
    {
        $probe = new Probe('probe-'.bin2hex(random_bytes(8)));
        $this->bus->dispatch($probe);
        $busy = $this->progress->of(ReckonStale::PROGRESS);
        for ($end = microtime(true) + $seconds; microtime(true) < $end; usleep(100_000)) {
            if (null !== $this->progress->of($probe->token)) {
                return true;
            }
        }

        return $busy !== $this->progress->of(ReckonStale::PROGRESS);
    }

    public function __invoke(Probe $probe): void
    {
        $this->progress->tell($probe->token, 1, 1);
    }
}
