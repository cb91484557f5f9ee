<?php

declare(strict_types=1);

namespace FreshTack\Core\Procedure;

use FreshTack\Core\Finding\Measure;
use FreshTack\Core\Plan\Attitude;
use FreshTack\Core\Plan\Effect;
use FreshTack\Core\Plan\Gate;
use FreshTack\Core\Plan\Lockout;
use FreshTack\Core\Plan\Opening;
use FreshTack\Core\Plan\Zone;
use FreshTack\Core\Quantity\Minutes;
use FreshTack\Core\Reading\Cursor;
use FreshTack\Core\Reading\InvalidDocument;
use FreshTack\Core\SpecBook\Task;

/** Reads a decoded procedure document (docs/formats/procedure.schema.json). */
final readonly class ProcedureReader
{
    public const FORMAT = 'fresh-tack/procedure/1';

    /** @throws InvalidDocument with every flaw and where it stands */
    public static function read(mixed $document): Procedure
    {
        $cursor = Cursor::over($document);
        $procedure = self::at($cursor);
        $cursor->flaws->throwIfAny();

        return $procedure;
    }

    public static function at(Cursor $cursor): Procedure
    {
        $cursor->knowsOnly('format', 'id', 'task', 'aloud', 'needs', 'operations');
        if (self::FORMAT !== $cursor->at('format')->raw()) {
            $cursor->at('format')->flaw('This must be "'.self::FORMAT.'".');
        }

        return new Procedure(
            $cursor->at('id')->string(40),
            $cursor->at('task')->isNull() ? null : $cursor->at('task')->enum(Task::class),
            $cursor->at('aloud')->string(300),
            array_map(self::need(...), $cursor->at('needs')->list()),
            array_map(self::operation(...), $cursor->at('operations')->list(1, 60)),
        );
    }

    /** A path, or a path with the engines on which it is needed. */
    private static function need(Cursor $need): Need
    {
        if (\is_string($need->raw())) {
            return new Need(self::path($need), Condition::always());
        }
        $need->knowsOnly('path', 'when');

        return new Need(self::path($need->at('path')), self::when($need->at('when')));
    }

    private static function operation(Cursor $operation): Operation
    {
        $operation->knowsOnly(
            'id', 'title', 'scope', 'phase', 'attendedMin', 'each', 'presenceMin', 'presenceFrom', 'unattendedMin', 'unattendedFrom',
            'restFrom', 'when', 'attitude', 'lockout', 'thermal', 'zone', 'people', 'together', 'mode', 'openings', 'shut', 'opens',
            'closes', 'only', 'effects', 'parts', 'tools', 'cautions', 'why', 'steps',
        );
        $effects = self::enums($operation->at('effects'), Effect::class);
        $steps = array_map(self::step(...), $operation->at('steps')->list(1, 40));

        return new Operation(
            new Heading($operation->at('id')->string(40), $operation->at('title')->string(80), $operation->at('why')->string(400)),
            new Calling(
                $operation->at('scope')->enum(Scope::class),
                $operation->at('phase')->enum(Phase::class),
                self::when($operation->at('when')),
                $operation->at('mode')->isNull() ? null : $operation->at('mode')->enum(Mode::class),
            ),
            self::setting($operation),
            self::covers($operation),
            new Doing(self::times($operation), self::outfit($operation), self::withEffects($steps, $effects)),
        );
    }

    /**
     * Effects that no step names are brought about by the last one that is always done.
     *
     * @param list<Step>   $steps
     * @param list<Effect> $effects
     *
     * @return list<Step>
     */
    private static function withEffects(array $steps, array $effects): array
    {
        $always = array_keys(array_filter($steps, static fn (Step $step): bool => [] === $step->when->paths()));
        $last = [] === $always ? \count($steps) - 1 : $always[\count($always) - 1];

        return [] === $effects ? $steps : array_map(static fn (Step $step, int $place): Step => $place === $last ? new Step(
            $step->id,
            $step->words,
            $step->figures,
            new AtBench($step->bench->entry, $step->bench->must, [...$step->bench->effects, ...$effects], $step->bench->measure),
            $step->when,
        ) : $step, $steps, array_keys($steps));
    }

    /** Hands on an engine call for its lockout unless the operation says otherwise. */
    private static function setting(Cursor $operation): Setting
    {
        $isRig = Scope::Rig->value === $operation->at('scope')->raw();

        return new Setting(
            self::attitude($operation->at('attitude')),
            $operation->at('lockout')->isNull() ? ($isRig ? Lockout::Any : Lockout::Locked) : $operation->at('lockout')->enum(Lockout::class),
            $operation->at('thermal')->isNull() ? null : $operation->at('thermal')->enum(Thermal::class),
            $operation->at('zone')->isNull() ? Zone::Powerhead : $operation->at('zone')->enum(Zone::class),
            $operation->at('people')->isNull() ? 1 : $operation->at('people')->int(1, 3),
            $operation->at('together')->optionalString(40) ?? '',
        );
    }

    /** A word, the path of the sheet's value that says it, or "any". */
    private static function attitude(Cursor $attitude): AttitudeNeed
    {
        $text = $attitude->optionalString(40);
        $word = Attitude::tryFrom($text ?? '');

        return match (true) {
            null === $text => AttitudeNeed::unsaid(),
            'any' === $text => AttitudeNeed::any(),
            null !== $word => AttitudeNeed::as($word),
            default => AttitudeNeed::from(self::path($attitude)),
        };
    }

    private static function covers(Cursor $operation): Covers
    {
        return new Covers(
            self::enums($operation->at('openings'), Opening::class),
            self::enums($operation->at('shut'), Opening::class),
            $operation->at('opens')->isNull() ? null : $operation->at('opens')->enum(Opening::class),
            $operation->at('closes')->isNull() ? null : $operation->at('closes')->enum(Opening::class),
            self::enums($operation->at('only'), Gate::class),
        );
    }

    private static function times(Cursor $operation): OperationTimes
    {
        $minutes = static fn (string $key): Minutes => $operation->at($key)->isNull()
            ? Minutes::none()
            : self::minutes($operation->at($key));
        $from = static fn (string $key): ?string => $operation->at($key)->isNull() ? null : self::path($operation->at($key));
        $each = $operation->at('each');
        $attended = self::minutes($operation->at('attendedMin'));

        return new OperationTimes(
            $each->isNull()
                ? new HandsOnTime($attended)
                : new HandsOnTime($attended, self::minutes($each->at('min')), self::path($each->at('of'))),
            $minutes('presenceMin'),
            $minutes('unattendedMin'),
            $from('presenceFrom'),
            $from('unattendedFrom'),
            $from('restFrom'),
        );
    }

    private static function outfit(Cursor $operation): Outfit
    {
        return new Outfit(
            array_map(self::part(...), self::optionalList($operation->at('parts'))),
            array_map(self::tool(...), self::optionalList($operation->at('tools'))),
            self::enums($operation->at('cautions'), Caution::class),
        );
    }

    private static function when(Cursor $when): Condition
    {
        return $when->isNull() ? Condition::always() : self::condition($when);
    }

    /** @return list<Cursor> */
    private static function optionalList(Cursor $list): array
    {
        return $list->isNull() ? [] : $list->list();
    }

    /**
     * @template T of \BackedEnum
     *
     * @param class-string<T> $enum
     *
     * @return list<T>
     */
    private static function enums(Cursor $list, string $enum): array
    {
        return array_map(static fn (Cursor $entry): \BackedEnum => $entry->enum($enum), self::optionalList($list));
    }

    private static function minutes(Cursor $minutes): Minutes
    {
        $count = $minutes->int(0, 2880);

        return $minutes->attempt(static fn (): Minutes => Minutes::of($count)) ?? Minutes::none();
    }

    private static function path(Cursor $path): string
    {
        $text = $path->string(60);
        if ('' !== $text && null === FactPath::read($text)) {
            $path->flaw(\sprintf('"%s" is neither a value of a sheet nor one that an order works out.', $text));
        }

        return $text;
    }

    private static function condition(Cursor $condition): Condition
    {
        $keys = $condition->keys();
        $kind = $keys[0] ?? '';
        $inner = $condition->at($kind);
        if (1 !== \count($keys) || !\in_array($kind, ['equals', 'in', 'exists', 'not', 'and', 'or'], true)) {
            $condition->flaw('A condition has exactly one of: equals, in, exists, not, and, or.');

            return Condition::always();
        }

        return match ($kind) {
            'equals' => Condition::isOneOf(self::path($inner->at(0)), $inner->at(1)->string(40)),
            'in' => Condition::isOneOf(self::path($inner->at(0)), ...$inner->at(1)->strings()),
            'exists' => Condition::exists(self::path($inner)),
            'not' => Condition::not(self::condition($inner)),
            'and' => Condition::all(...array_map(self::condition(...), $inner->list(1, 10))),
            default => Condition::any(...array_map(self::condition(...), $inner->list(1, 10))),
        };
    }

    private static function part(Cursor $part): PartUse
    {
        $part->knowsOnly('field', 'singleUse', 'when', 'column', 'where', 'atHand');

        return new PartUse(
            self::path($part->at('field')),
            $part->at('singleUse')->bool(),
            self::when($part->at('when')),
            $part->at('column')->optionalString(20) ?? 'part',
            self::rowFilter($part->at('where')),
            !$part->at('atHand')->isNull() && $part->at('atHand')->bool(),
        );
    }

    private static function rowFilter(Cursor $where): ?RowFilter
    {
        return $where->isNull() ? null : new RowFilter($where->at('column')->string(20), $where->at('value')->string(40));
    }

    private static function tool(Cursor $tool): ToolNeed
    {
        $tool->knowsOnly('name', 'size', 'hexagon', 'when');

        return new ToolNeed(
            $tool->at('name')->string(80),
            $tool->at('size')->isNull() ? null : self::path($tool->at('size')),
            $tool->has('hexagon') && $tool->at('hexagon')->bool(),
            self::when($tool->at('when')),
        );
    }

    private static function step(Cursor $step): Step
    {
        $step->knowsOnly('id', 'text', 'figure', 'beside', 'check', 'slip', 'entry', 'must', 'rows', 'where', 'used', 'when', 'effects', 'measure');

        return new Step(
            $step->at('id')->string(40),
            new StepWords(
                self::template($step->at('text')),
                self::optionalTemplate($step->at('beside')),
                self::optionalTemplate($step->at('check')),
                self::optionalTemplate($step->at('slip')),
            ),
            new StepFigures(
                $step->at('figure')->isNull() ? null : self::path($step->at('figure')),
                $step->at('rows')->isNull() ? null : self::path($step->at('rows')),
                self::rowFilter($step->at('where')),
                !$step->at('used')->isNull() && $step->at('used')->bool(),
            ),
            new AtBench(
                $step->at('entry')->isNull() ? StepEntry::Tick : $step->at('entry')->enum(StepEntry::class),
                !$step->at('must')->isNull() && $step->at('must')->bool(),
                self::enums($step->at('effects'), Effect::class),
                $step->at('measure')->isNull() ? null : $step->at('measure')->enum(Measure::class),
            ),
            self::when($step->at('when')),
        );
    }

    private static function optionalTemplate(Cursor $text): ?Template
    {
        return $text->isNull() ? null : self::template($text);
    }

    private static function template(Cursor $text): Template
    {
        $template = new Template($text->string(400));
        foreach ($template->slots as $slot) {
            if (null === FactPath::read($slot)) {
                $text->flaw(\sprintf('The slot {%s} is neither a value of a sheet nor one that an order works out.', $slot));
            }
        }

        return $template;
    }
}
