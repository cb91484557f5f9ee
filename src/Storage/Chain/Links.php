<?php

declare(strict_types=1);

namespace FreshTack\Storage\Chain;

/** Which columns of a row its seal is over; what a migration adds later is never among them. */
final readonly class Links
{
    public const TRAIL = ['happened_at', 'account', 'action', 'subject', 'detail', 'changed_from', 'changed_to'];
    public const ENTRY = ['uuid', 'step_id', 'kind', 'value', 'corrects', 'account', 'received_at', 'device_sequence', 'device_at'];
    public const DONE = ['engine_id', 'task', 'action', 'done_on', 'tenths', 'evidence', 'elsewhere', 'entered_by'];
    public const DOCUMENT = ['document', 'request', 'issued_by', 'issued_at'];
    public const RECORD = ['record', 'released_by', 'released_at'];

    /**
     * @param list<string>         $columns
     * @param array<string, mixed> $row
     *
     * @return list<string> null as the empty string
     */
    public static function content(array $columns, array $row): array
    {
        return array_map(static function (string $column) use ($row): string {
            $cell = $row[$column] ?? '';

            return \is_scalar($cell) ? (string) $cell : throw new \LogicException("The column $column holds no plain value.");
        }, $columns);
    }
}
