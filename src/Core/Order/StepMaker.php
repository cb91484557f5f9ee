<?php

declare(strict_types=1);

namespace FreshTack\Core\Order;

use FreshTack\Core\Fastening\Tightening;
use FreshTack\Core\Plan\Effect;
use FreshTack\Core\Procedure\EngineFacts;
use FreshTack\Core\Procedure\Operation;
use FreshTack\Core\Procedure\Scope;
use FreshTack\Core\Procedure\Step;
use FreshTack\Core\Procedure\StepEntry;
use FreshTack\Core\Procedure\Template;
use FreshTack\Core\Quantity\Minutes;
use FreshTack\Core\SpecBook\SheetField;

/** Fills an operation's steps with one engine's figures. */
final readonly class StepMaker
{
    public function ordered(Position $position, Operation $operation, EngineFacts $facts): OrderedOperation
    {
        $at = Scope::Rig === $operation->scope ? null : $position;
        $from = null === $operation->unattendedFrom ? null : $facts->value($operation->unattendedFrom)?->content;
        $last = \count($operation->steps) - 1;
        $steps = array_map(
            fn (Step $step, int $index): OrderedStep => $this->step($at, $operation, $step, $facts, $index === $last),
            $operation->steps,
            array_keys($operation->steps),
        );

        return new OrderedOperation($at, $operation, $this->handsOn($operation, $facts), $from instanceof Minutes ? $from : $operation->unattended, $steps);
    }

    private function handsOn(Operation $operation, EngineFacts $facts): Minutes
    {
        $times = $facts->sheet->table(SheetField::OperationTimes);
        foreach ($times->rows ?? [] as $row) {
            $attended = $row->cell('attended');
            if ($operation->id === $row->words('operation') && $attended instanceof Minutes) {
                return $attended;
            }
        }

        return $operation->attended;
    }

    private function step(?Position $at, Operation $operation, Step $step, EngineFacts $facts, bool $isLast): OrderedStep
    {
        $content = null === $step->figure ? null : $facts->value($step->figure)?->content;
        $tightening = $content instanceof Tightening ? $content : null;

        return new OrderedStep(
            ($at->value ?? 'rig').'.'.$operation->id.'.'.$step->id,
            $step->text->fill($facts),
            null === $step->figure ? null : $facts->figure($step->figure),
            $this->filled($step->beside, $facts),
            $this->filled($step->check, $facts),
            $this->filled($step->slip, $facts),
            StepEntry::Tightening === $step->entry ? ($tightening?->entryKind() ?? StepEntry::Tick->value) : $step->entry->value,
            $step->must,
            $tightening,
            $this->event($operation, $step, $isLast),
            $step->needs,
        );
    }

    private function filled(?Template $template, EngineFacts $facts): ?string
    {
        return $template?->fill($facts);
    }

    /** The engine has run once the last step of an operation that starts and stops it is done. */
    private function event(Operation $operation, Step $step, bool $isLast): ?string
    {
        return match (true) {
            StepEntry::Poured === $step->entry => 'pour',
            $isLast && \in_array(Effect::Stopped, $operation->effects, true) => 'run',
            default => null,
        };
    }
}
