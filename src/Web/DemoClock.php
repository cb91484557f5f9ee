<?php

declare(strict_types=1);

namespace FreshTack\Web;

use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\HttpFoundation\RequestStack;

/**
 * The clock of a demo: a request may say when it was made, never later than now. So its people have worked since
 * yesterday when somebody opens it for the first time. No other shop has this clock.
 */
final readonly class DemoClock implements ClockInterface
{
    public const HEADER = 'X-Demo-Clock';

    public function __construct(private ClockInterface $clock, private RequestStack $requests)
    {
    }

    public function now(): \DateTimeImmutable
    {
        $now = $this->clock->now();
        $said = $this->requests->getMainRequest()?->headers->get(self::HEADER);
        $then = null === $said ? false : \DateTimeImmutable::createFromFormat('!Y-m-d\TH:i:sp', $said, $now->getTimezone());

        return false === $then || $then > $now ? $now : $then;
    }

    public function sleep(float|int $seconds): void
    {
        $this->clock->sleep($seconds);
    }

    public function withTimeZone(\DateTimeZone|string $timezone): static
    {
        return new self($this->clock->withTimeZone($timezone), $this->requests);
    }
}
