<?php

declare(strict_types=1);

namespace FreshTack\Exchange;

use FreshTack\Core\Quantity\EngineHours;
use FreshTack\Core\Reading\Cursor;
use FreshTack\Core\Reading\InvalidDocument;
use FreshTack\Core\Reading\Width;
use FreshTack\Core\SpecBook\Task;

/** When what was last done on which engine, as CSV; docs/formats/register-csv.md says what each column holds. */
final readonly class ServicesCsv
{
    public const HEADINGS = ['serial', 'task', 'date', 'evidence'];
    public const OPTIONAL = ['hours'];
    /** What a field of the register is called here. */
    public const COLUMNS = ['on' => 'date'];

    /**
     * @return array<int, ServiceCells> by row, as a spreadsheet counts
     *
     * @throws InvalidDocument with every flaw, each naming its row and column
     */
    public static function read(string $text): array
    {
        return CsvTable::each($text, self::HEADINGS, self::OPTIONAL, self::row(...));
    }

    /** The headings alone, to be filled in. */
    public static function template(): string
    {
        return CsvTable::headings(...self::HEADINGS, ...self::OPTIONAL);
    }

    private static function row(Cursor $at): ServiceCells
    {
        $hours = str_replace(',', '.', $at->at('hours')->optionalString(12) ?? '');

        return new ServiceCells(
            $at->at('serial')->string(Width::SERIAL),
            self::task($at->at('task')),
            $at->at('date')->day(),
            '' === $hours ? null : $at->at('hours')->attempt(static fn (): EngineHours => EngineHours::of($hours)),
            $at->at('evidence')->string(Width::EVIDENCE),
        );
    }

    /** By its name or by its code, in whatever case. */
    private static function task(Cursor $at): Task
    {
        $typed = mb_strtolower($at->string(60));
        foreach (Task::cases() as $task) {
            if (\in_array($typed, [$task->value, mb_strtolower($task->title())], true)) {
                return $task;
            }
        }
        if ('' !== $typed) {
            $names = array_map(static fn (Task $task): string => $task->title(), Task::cases());
            $at->flaw(\sprintf('There is no such task. The tasks are: %s.', implode(', ', $names)));
        }

        return Task::EngineOil;
    }
}
