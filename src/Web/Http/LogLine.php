<?php

declare(strict_types=1);

namespace FreshTack\Web\Http;

use Monolog\Formatter\JsonFormatter;
use Monolog\LogRecord;

/**
 * A line of the log, as JSON. The address of a calendar is a key, wherever in the line it stands: whoever reads the log
 * must not be able to use it.
 */
final class LogLine extends JsonFormatter
{
    private const TOKEN = '/(?<![A-Za-z0-9_-])[A-Za-z0-9_-]{43}(?![A-Za-z0-9_-])/';

    public function format(LogRecord $record): string
    {
        return preg_replace(self::TOKEN, '(secret)', parent::format($record)) ?? '';
    }
}
