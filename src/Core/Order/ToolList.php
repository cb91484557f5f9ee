<?php

declare(strict_types=1);

namespace FreshTack\Core\Order;

use FreshTack\Core\Fastening\StagedTorque;
use FreshTack\Core\Fastening\StandIn;
use FreshTack\Core\Fastening\TorqueAndAngle;
use FreshTack\Core\Fastening\TorqueTightening;
use FreshTack\Core\Fastening\WrenchChoice;
use FreshTack\Core\Fastening\WrenchChooser;
use FreshTack\Core\Plan\Position;
use FreshTack\Core\Procedure\Called;
use FreshTack\Core\Procedure\EngineFacts;
use FreshTack\Core\Procedure\RowFilter;
use FreshTack\Core\Procedure\ToolNeed;
use FreshTack\Core\Quantity\Length;
use FreshTack\Core\Quantity\Torque;
use FreshTack\Core\Quantity\Volume;
use FreshTack\Core\SpecBook\SheetField;
use FreshTack\Core\SpecBook\Table;
use FreshTack\Core\SpecBook\TableRow;

/**
 * What lies ready: each tool once, with its size, the engines it serves, and what it is for; in the order of use. What
 * has a volume for its size is a vessel: it is asked for once, to hold what all engines give.
 */
final class ToolList
{
    /** By the head of a fastener; a clip takes fingers. */
    private const DRIVERS = [
        'hex' => 'Socket',
        'socket' => 'Hex key',
        'torx' => 'Torx driver',
        'phillips' => 'Cross-head screwdriver',
        'slotted' => 'Slotted screwdriver',
    ];

    private readonly WrenchChooser $wrenches;
    /** @var array<string, WrenchChoice> by figure: many joints ask for the same */
    private array $chosen = [];
    /** @var \WeakMap<Called, list<ToolLine>> of an operation: the same at every engine of a kind */
    private \WeakMap $called;

    public function __construct(private readonly OrderRequest $request)
    {
        $this->wrenches = new WrenchChooser($request->supplies->wrenches);
        $this->called = new \WeakMap();
    }

    /**
     * @param list<OrderedOperation>     $operations in their sequence
     * @param array<string, EngineOrder> $engines    by position
     *
     * @return list<ToolLine>
     */
    public function of(array $operations, array $engines): array
    {
        $needs = [];
        $all = array_values(array_map(static fn (EngineOrder $engine): Position => $engine->position, $engines));
        foreach ($operations as $operation) {
            $positions = null === $operation->position ? $all : [$operation->position];
            $engine = $engines[$operation->position->value ?? ''] ?? null;
            $tools = null === $engine
                ? $this->needed($operation, null)
                : $this->called[$operation->called] ??= $this->all($operation, $engine);
            foreach ($tools as $line) {
                $needs[$line->name.'|'.([] === $line->holds ? $line->size : '')][] = [$line, $operation, $positions];
            }
        }

        return self::standingIn(array_values(array_map(ToolLine::of(...), $needs)));
    }

    /** @return list<ToolLine> with a torque wrench for every torque that is asked for */
    private function needed(OrderedOperation $operation, ?EngineOrder $engine): array
    {
        $tools = null === $engine ? $operation->operation->doing->outfit->tools : $operation->called->tools;
        $lines = array_map(static fn (ToolNeed $tool): ToolLine => self::tool($tool, $engine), $tools);
        foreach ($operation->steps as $step) {
            $torque = $step->figures->tightening?->torque();
            if ($step->figures->tightening instanceof TorqueAndAngle) {
                $lines[] = new ToolLine('Angle gauge', null);
            }
            if (null !== $torque) {
                $wrench = $this->wrench($torque);
                $staged = $step->figures->tightening instanceof TorqueAndAngle ? $step->figures->tightening->first : $step->figures->tightening;
                array_push($lines, ...($staged instanceof StagedTorque ? $this->forStages($staged->below($wrench?->wrench)) : []));
                $lines[] = new ToolLine('Torque wrench that reaches', $torque->figure(), wrench: $wrench);
            }
        }

        return $lines;
    }

    /**
     * @param list<Torque> $stages
     *
     * @return list<ToolLine> a second wrench, for what the one for the last stage is too coarse for
     */
    private function forStages(array $stages): array
    {
        $day = $this->request->visit->day;

        return array_map(fn (Torque $stage): ToolLine => new ToolLine(
            'Torque wrench that reaches',
            $stage->asGiven(),
            wrench: [] === $this->request->supplies->wrenches ? null : $this->chosen[$stage->asGiven()] ??= $this->wrenches->forFigure($stage, $day),
        ), $stages);
    }

    /** @return list<ToolLine> */
    private function all(OrderedOperation $operation, EngineOrder $engine): array
    {
        return [
            ...$this->needed($operation, $engine),
            ...self::driven($operation->called, $engine->facts),
            ...self::special($operation, $engine),
        ];
    }

    /** @return list<ToolLine> what turns the fasteners that the steps name, row by row */
    private static function driven(Called $called, EngineFacts $facts): array
    {
        $lines = [];
        foreach ($called->steps as $step) {
            $table = null === $step->figures->rows ? null : $facts->value($step->figures->rows)?->content;
            foreach ($table instanceof Table ? RowFilter::rows($table, $step->figures->where, $facts) : [] as $row) {
                $name = self::DRIVERS[$row->words('head') ?? ''] ?? null;
                $size = $row->cell('size');
                if (null !== $name) {
                    $isHexagon = 'hex' === $row->words('head') && $size instanceof Length;
                    $lines[] = new ToolLine($name, $size instanceof Length ? $size->asGiven() : null, head: $isHexagon ? $size : null);
                }
            }
        }

        return $lines;
    }

    /** @return list<ToolLine> the sheet's own tools for the task that this belongs to */
    private static function special(OrderedOperation $operation, ?EngineOrder $engine): array
    {
        $task = $operation->task?->value;
        $rows = null === $task ? [] : $engine?->request->sheet->table(SheetField::SpecialTools)->rows ?? [];

        return array_values(array_map(
            static fn (TableRow $row): ToolLine => new ToolLine(trim(ucfirst($row->words('tool') ?? '').' '.$row->words('number')), null),
            array_filter($rows, static fn (TableRow $row): bool => $task === $row->words('for')),
        ));
    }

    private function wrench(TorqueTightening $torque): ?WrenchChoice
    {
        return [] === $this->request->supplies->wrenches
            ? null
            : $this->chosen[$torque->figure().$torque->range()] ??= $this->wrenches->choose($torque, $this->request->visit->day);
    }

    private static function tool(ToolNeed $tool, ?EngineOrder $engine): ToolLine
    {
        if (null === $tool->size || null === $engine) {
            return new ToolLine($tool->name, null);
        }
        $content = $engine->facts->value($tool->size)?->content;
        $volume = 'order.capacity' === $tool->size ? $engine->oil?->capacity : $content;
        $head = $tool->hexagon && $content instanceof Length ? $content : null;

        return new ToolLine($tool->name, $engine->facts->figure($tool->size)?->text, standIn: null === $head ? null : StandIn::for($head), head: $head, holds: $volume instanceof Volume ? [$engine->position->label() => $volume] : []);
    }

    /**
     * A wrench that lies on this list anyway stands in before one that would have to be fetched.
     *
     * @param list<ToolLine> $lines
     *
     * @return list<ToolLine>
     */
    private static function standingIn(array $lines): array
    {
        return array_map(static function (ToolLine $line) use ($lines): ToolLine {
            foreach ($lines as $other) {
                if (null !== $line->head && null !== $other->head && $other !== $line && StandIn::turns($other->head, $line->head)) {
                    return $line->servedBy($other);
                }
            }

            return $line;
        }, $lines);
    }
}
