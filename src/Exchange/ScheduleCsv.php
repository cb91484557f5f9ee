<?php

declare(strict_types=1);

namespace FreshTack\Exchange;

use FreshTack\Core\Reading\Flaws;
use FreshTack\Core\Reading\InvalidDocument;
use FreshTack\Core\Schedule\HardUse;
use FreshTack\Core\Schedule\Limit;
use FreshTack\Core\SpecBook\SpecSheet;
use FreshTack\Core\SpecBook\Task;

/** The schedule of a sheet as CSV: a row for each task, limits in hours and months, each with its source. */
final readonly class ScheduleCsv
{
    private const HEADINGS = ['task', 'action', 'first_h', 'first_months', 'every_h', 'every_months', 'severe_h', 'severe_months', 'severe_use', 'document', 'document_revision', 'page'];

    public static function write(SpecSheet $sheet): string
    {
        return CsvTable::write(self::HEADINGS, array_map(static function (Task $task) use ($sheet): array {
            $interval = $sheet->interval($task);
            $source = $sheet->value($task->schedule())?->source;

            return [
                'task' => $task->value,
                'action' => $interval->action->value ?? '',
                ...self::limit('first', $interval?->first),
                ...self::limit('every', $interval?->every),
                ...self::limit('severe', $interval?->severe?->every),
                'severe_use' => implode(' ', array_map(static fn (HardUse $use): string => $use->value, $interval->severe->uses ?? [])),
                'document' => $source->document ?? '',
                'document_revision' => $source->revision ?? '',
                'page' => $source->page ?? '',
            ];
        }, $sheet->tasks()));
    }

    /**
     * As a change of a sheet: values by path, and the documents that they name. A row without a document has no source yet.
     *
     * @return array{values: array<string, array<string, mixed>>, sources: array<string, array{document: string, revision: string}>, rows: array<string, int>} with the row of each path
     *
     * @throws InvalidDocument if a row names no task of ours, or one a second time
     */
    public static function read(string $text): array
    {
        $flaws = new Flaws();
        $change = ['values' => [], 'sources' => [], 'rows' => []];
        foreach (CsvTable::read($text, self::HEADINGS, [])->rows as $index => $row) {
            $number = $index + 2;
            $task = Task::tryFrom($row['task'] ?? '');
            $path = true === $task?->schedule()->isOfBoat() ? null : $task?->schedule()->value;
            if (null === $path || isset($change['values'][$path])) {
                $flaws->add("/rows/$number/task", \sprintf('Row %d: %s', $number, null === $path ? \sprintf('"%s" is no task. Use one of: %s.', $row['task'] ?? '', implode(', ', array_column(Task::cases(), 'value'))) : 'this task stands in the file already.'));
                continue;
            }
            $document = $row['document'] ?? '';
            $key = 'schedule-'.substr(hash('sha256', $document."\n".($row['document_revision'] ?? '')), 0, 12);
            if ('' !== $document) {
                $change['sources'][$key] = ['document' => $document, 'revision' => $row['document_revision'] ?? ''];
            }
            $change['values'][$path] = [...self::interval($row), 'source' => '' === $document ? null : $key, 'page' => '' === $document ? null : ($row['page'] ?? '')];
            $change['rows'][$path] = $number;
        }
        $flaws->throwIfAny();

        return $change;
    }

    /**
     * @param array<string, string> $row
     *
     * @return array<string, mixed>
     */
    private static function interval(array $row): array
    {
        $limit = static function (string $which) use ($row): ?array {
            [$hours, $months] = [$row[$which.'_h'] ?? '', $row[$which.'_months'] ?? ''];

            return '' === $hours.$months ? null : ['hours' => '' === $hours ? null : str_replace(',', '.', $hours), 'months' => '' === $months ? null : (1 === preg_match('/^\d{1,3}$/', $months) ? (int) $months : $months)];
        };
        $severe = $limit('severe');
        $uses = preg_split('/\s+/', $row['severe_use'] ?? '', -1, \PREG_SPLIT_NO_EMPTY);

        return [
            'first' => $limit('first'),
            'every' => $limit('every') ?? ['hours' => null, 'months' => null],
            'action' => $row['action'] ?? '',
            'severe' => null === $severe && ([] === $uses || false === $uses) ? null : [...$severe ?? ['hours' => null, 'months' => null], 'uses' => false === $uses ? [] : $uses],
        ];
    }

    /** @return array<string, string> */
    private static function limit(string $which, ?Limit $limit): array
    {
        return [$which.'_h' => $limit?->hours?->text() ?? '', $which.'_months' => (string) $limit?->months];
    }
}
