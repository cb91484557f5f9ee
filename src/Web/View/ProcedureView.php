<?php

declare(strict_types=1);

namespace FreshTack\Web\View;

use FreshTack\Core\Procedure\EngineFacts;
use FreshTack\Core\Procedure\FactPath;
use FreshTack\Core\Procedure\Operation;
use FreshTack\Core\Procedure\Procedure;
use FreshTack\Core\Procedure\Step;
use FreshTack\Shop\Book\ProcedurePreview;

final readonly class ProcedureView
{
    /** @return array<string, mixed> */
    public static function line(Procedure $procedure): array
    {
        return ['id' => $procedure->id, 'task' => $procedure->task?->title(), 'aloud' => $procedure->aloud, 'operations' => \count($procedure->operations)];
    }

    /** @return array<string, mixed> */
    public static function preview(ProcedurePreview $preview): array
    {
        return [
            ...self::line($preview->procedure),
            'holes' => array_map(static fn (string $path): array => ['path' => $path, 'label' => EngineFacts::label($path)], $preview->holes),
            'done' => array_map(static fn (Operation $operation): array => self::operation($operation, $preview->facts), $preview->procedure->operationsFor($preview->facts)),
            'skipped' => array_map(static fn (Operation $operation): string => $operation->title, $preview->skipped),
        ];
    }

    /** @return array<string, mixed> */
    private static function operation(Operation $operation, EngineFacts $facts): array
    {
        return [
            'id' => $operation->id,
            'title' => $operation->title,
            'attendedMin' => $operation->doing->times->attended->in($facts)->count,
            'why' => $operation->why,
            'steps' => array_map(static fn (Step $step): array => self::step($step, $facts), $facts->called($operation)->steps),
        ];
    }

    /** @return array<string, mixed> */
    private static function step(Step $step, EngineFacts $facts): array
    {
        $path = $step->figures->figure;
        $figure = null === $path ? null : $facts->figure($path);
        $worked = null !== $path && FactPath::isWorked($path);

        return [
            'text' => $step->words->text->fill($facts),
            'figure' => $figure->text ?? ($worked ? 'worked out by the order' : null),
            'detail' => $figure?->detail,
            'missing' => array_values(array_map(
                EngineFacts::label(...),
                array_filter(
                    $step->needs,
                    static fn (string $path): bool => !$facts->knows($path) && !FactPath::isWorked($path),
                ),
            )),
        ];
    }
}
