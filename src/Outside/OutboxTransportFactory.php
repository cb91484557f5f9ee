<?php

declare(strict_types=1);

namespace FreshTack\Outside;

use Symfony\Component\Mailer\Exception\UnsupportedSchemeException;
use Symfony\Component\Mailer\Transport\Dsn;
use Symfony\Component\Mailer\Transport\TransportFactoryInterface;
use Symfony\Component\Mailer\Transport\TransportInterface;

final readonly class OutboxTransportFactory implements TransportFactoryInterface
{
    public function __construct(private OutboxFolder $folder)
    {
    }

    public function create(Dsn $dsn): TransportInterface
    {
        return $this->supports($dsn) ? new OutboxTransport($this->folder) : throw new UnsupportedSchemeException($dsn, 'outbox', ['outbox']);
    }

    public function supports(Dsn $dsn): bool
    {
        return 'outbox' === $dsn->getScheme();
    }
}
