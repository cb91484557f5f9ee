<?php

declare(strict_types=1);

namespace FreshTack\Shop;

/** What the shop stands on is not there just now: nobody's fault who asks, nothing was changed, and trying again helps. */
final class Away extends \RuntimeException
{
    private const KEPT = 'Nothing was changed; what you typed is kept.';
    private const FULL = 'The server\'s disk is full or can\'t be written.';

    private function __construct(
        public readonly string $errorKey,
        string $message,
        public readonly int $retryAfterSeconds,
        ?\Throwable $previous = null,
    ) {
        parent::__construct($message, 0, $previous);
    }

    public static function closed(): self
    {
        return new self(
            'away.closed',
            'The shop\'s data are being replaced from a backup. '.self::KEPT.' Try again in a minute.',
            10,
        );
    }

    public static function database(\Throwable $error): self
    {
        return new self('away.database', 'The database does not answer. '.self::KEPT.' Try again in a few seconds.', 5, $error);
    }

    public static function diskFull(\Throwable $error): self
    {
        return new self('away.disk', self::FULL.' '.self::KEPT.' Tell the manager: room has to be made.', 60, $error);
    }

    public static function session(): self
    {
        return new self('away.session', 'Nobody can be signed in. '.self::FULL.' Tell the manager: room has to be made.', 60);
    }
}
