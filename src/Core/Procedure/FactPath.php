<?php

declare(strict_types=1);

namespace FreshTack\Core\Procedure;

use FreshTack\Core\Policy\Question;
use FreshTack\Core\SpecBook\SheetField;
use FreshTack\Core\SpecBook\Task;

/** What a procedure may ask for: a value of the sheet, what an order works out, a picked task, or a school of the shop. */
final readonly class FactPath
{
    /** What an order works out for itself, beside the sheet's values. */
    public const WORKED = [
        'order.capacity', 'order.firstPour', 'order.grade', 'order.oil', 'order.drainMethod', 'order.place', 'order.warm', 'order.filter',
        'order.air', 'order.arrival', 'order.arrivalRead', 'order.gasketLubricant', 'order.engines', 'order.separators',
    ];

    private function __construct(public string $text, public ?SheetField $field, public ?Task $task, public ?Question $question)
    {
    }

    /** @return self|null null if nothing is asked for by this */
    public static function read(string $text): ?self
    {
        /** @var array<string, self> $known each is taken apart once */
        static $known = [];
        $path = $known[$text] ?? self::taken($text);

        return null === $path ? null : $known[$text] = $path;
    }

    private static function taken(string $text): ?self
    {
        $field = SheetField::tryFrom($text);
        [$kind, $rest] = [...explode('.', $text, 2), ''];
        $task = 'task' === $kind ? Task::tryFrom($rest) : null;
        $question = 'policy' === $kind ? Question::tryFrom($rest) : null;

        return null !== $field || null !== $task || null !== $question || self::isWorked($text)
            ? new self($text, $field, $task, $question)
            : null;
    }

    public static function isWorked(string $text): bool
    {
        return \in_array($text, self::WORKED, true);
    }
}
