<?php

declare(strict_types=1);

namespace FreshTack\Core\Bench;

use FreshTack\Core\Fastening\TighteningReader;
use FreshTack\Core\Fluid\Aim;
use FreshTack\Core\Fluid\DipstickBand;
use FreshTack\Core\Fluid\DipstickSpec;
use FreshTack\Core\Order\Level;
use FreshTack\Core\Plan\Attitude;
use FreshTack\Core\Plan\Changes;
use FreshTack\Core\Plan\Effect;
use FreshTack\Core\Plan\Gate;
use FreshTack\Core\Plan\Hands;
use FreshTack\Core\Plan\Lockout;
use FreshTack\Core\Plan\Needs;
use FreshTack\Core\Plan\Opening;
use FreshTack\Core\Plan\PlannedWork;
use FreshTack\Core\Plan\Position;
use FreshTack\Core\Plan\Rig;
use FreshTack\Core\Plan\Standing;
use FreshTack\Core\Plan\WorkId;
use FreshTack\Core\Plan\Zone;
use FreshTack\Core\Quantity\EngineHours;
use FreshTack\Core\Quantity\Minutes;
use FreshTack\Core\Quantity\Volume;
use FreshTack\Core\Reading\Cursor;
use FreshTack\Core\Reading\InvalidDocument;
use FreshTack\Core\Schedule\Action;
use FreshTack\Core\Schedule\Limit;
use FreshTack\Core\SpecBook\Task;
use FreshTack\Core\SpecBook\ValueReader;

/** Reads a frozen work order back: its operations with what they need and change, the tightening figures, the dipsticks. */
final readonly class IssuedOrderReader
{
    /** @throws InvalidDocument if the document is no work order of ours */
    public static function read(mixed $document, ?\DateTimeImmutable $issuedAt = null): IssuedOrder
    {
        $cursor = Cursor::over($document);
        $hung = array_map(self::engine(...), $cursor->at('engines')->list());
        $levels = $labels = [];
        foreach ($cursor->at('engines')->list() as $place => $engine) {
            $labels[$hung[$place]->position->value] = $hung[$place]->label;
            $levels[$hung[$place]->position->value] = $engine->at('level')->isNull() ? null : self::level($engine->at('level'));
        }
        $asked = new AskedMeasureReader($cursor->at('answers'));
        $works = array_map(
            static fn (Cursor $operation): IssuedWork => self::work($operation, $levels, $asked),
            $cursor->at('operations')->list(),
        );
        $oils = array_map(static fn (Cursor $oil): PulledOil => self::oil($oil, $labels), $cursor->at('oil')->list());
        $parts = array_map(static fn (Cursor $part): IssuedPart => self::part($part, $works, $labels), $cursor->at('parts')->list());
        $shared = !$cursor->at('sharedLockout')->isNull() && $cursor->at('sharedLockout')->bool();
        $cursor->flaws->throwIfAny();

        return new IssuedOrder(new Rig(array_column($hung, 'position'), $shared), $works, $hung, $oils, $parts, $issuedAt);
    }

    private static function engine(Cursor $engine): IssuedEngine
    {
        $position = $engine->at('position')->enum(Position::class);
        $millilitres = static fn (string $key): ?int => $engine->at('oil')->isNull()
            ? null
            : ValueReader::volume($engine->at('oil')->at($key))?->millilitresUp() ?? 0;
        $tasks = array_map(static fn (Cursor $task): IssuedTask => self::task($task, $position), $engine->at('tasks')->list());

        return new IssuedEngine($position, $engine->at('label')->string(), $millilitres('capacity'), $millilitres('firstPour'), $tasks);
    }

    /**
     * @param list<IssuedWork>      $works
     * @param array<string, string> $labels by position
     */
    private static function part(Cursor $part, array $works, array $labels): IssuedPart
    {
        $uses = $part->at('uses')->isNull()
            ? self::usesOfBefore($part, array_map(static fn (IssuedWork $work): string => $work->work->id->text, $works), $labels)
            : array_map(self::use(...), $part->at('uses')->list());

        $stands = $part->at('standsFor')->optionalString();
        $others = [...$part->at('instead')->strings(), ...(null === $stands ? [] : [$stands])];

        return new IssuedPart($part->at('number')->string(), array_values(array_filter($uses)), $others);
    }

    private static function use(Cursor $use): ?IssuedUse
    {
        $work = WorkId::read($use->at('operation')->string());
        $count = $use->at('count')->optionalInt(1, 9999);
        $isLaidOut = $use->at('atHand')->bool();

        return null === $work?->position ? null : new IssuedUse($work->position, $work, $count, $isLaidOut);
    }

    /**
     * An order of before names the operation that needs a part first, at whichever engine.
     *
     * @param list<string>          $works  ids
     * @param array<string, string> $labels by position
     *
     * @return list<IssuedUse>
     */
    private static function usesOfBefore(Cursor $part, array $works, array $labels): array
    {
        $first = WorkId::read($part->at('firstUse')->string());
        $isLaidOut = !$part->at('atHand')->isNull() && $part->at('atHand')->bool();
        $uses = [];
        foreach (array_intersect($labels, $part->at('positions')->strings()) as $position => $label) {
            $at = Position::from($position);
            $work = $first?->at($at);
            $uses[] = new IssuedUse($at, \in_array($work?->text, $works, true) ? $work : null, null, $isLaidOut);
        }

        return $uses;
    }

    private static function task(Cursor $task, Position $position): IssuedTask
    {
        return new IssuedTask(
            $position,
            $task->at('task')->enum(Task::class),
            $task->at('title')->string(),
            $task->at('action')->isNull() ? null : $task->at('action')->enum(Action::class),
            self::every($task->at('every')),
        );
    }

    private static function every(Cursor $every): ?Limit
    {
        $hours = $every->at('hours')->optionalString();
        $months = $every->at('months')->optionalInt(1, 240);

        return null === $hours && null === $months
            ? null
            : $every->attempt(static fn (): Limit => Limit::of(null === $hours ? null : EngineHours::of($hours), $months));
    }

    /** @param array<string, string> $labels by position */
    private static function oil(Cursor $oil, array $labels): PulledOil
    {
        $positions = array_filter(
            array_map(static fn (string $label): string|false => array_search($label, $labels, true), $oil->at('positions')->strings()),
            \is_string(...),
        );
        $total = $oil->at('plan')->isNull() ? null : $oil->at('plan')->at('totalMl')->int(0, 10_000_000);

        return new PulledOil(
            $oil->at('grade')->string(),
            $oil->at('performanceClass')->string(),
            array_values($positions),
            null === $total ? null : Volume::whole(max(0, $total)),
        );
    }

    /** @param array<string, Level|null> $levels */
    private static function work(Cursor $operation, array $levels, AskedMeasureReader $asked): IssuedWork
    {
        $steps = self::steps($operation, $levels, $asked);
        $effects = array_merge(...array_map(static fn (BenchStep $step): array => $step->effects, $steps));
        $needs = $operation->at('needs');
        $id = WorkId::read($operation->at('id')->string()) ?? new WorkId(null, 'work');

        return new IssuedWork($needs->isNull() ? new PlannedWork($id, $operation->at('title')->string()) : new PlannedWork(
            $id,
            $operation->at('title')->string(),
            self::needs($needs),
            new Changes($effects, self::opening($needs->at('opens')), self::opening($needs->at('closes'))),
            new Hands(
                $operation->at('attendedMin')->int(0, 100_000),
                $operation->at('presenceMin')->int(0, 100_000),
                $operation->at('unattendedMin')->int(0, 100_000),
                $operation->at('people')->int(1, 9),
                $needs->at('zone')->enum(Zone::class),
            ),
            new Standing(together: $needs->at('together')->optionalString() ?? ''),
        ), $operation->at('task')->isNull() ? null : $operation->at('task')->enum(Task::class), $steps, !$needs->isNull());
    }

    private static function needs(Cursor $needs): Needs
    {
        return new Needs(
            self::each($needs->at('open'), Opening::class),
            self::each($needs->at('shut'), Opening::class),
            self::each($needs->at('gates'), Gate::class),
            $needs->at('attitude')->isNull() ? null : $needs->at('attitude')->enum(Attitude::class),
            $needs->at('lockout')->enum(Lockout::class),
            $needs->at('restMin')->int(0, 100_000),
        );
    }

    private static function opening(Cursor $at): ?Opening
    {
        return $at->isNull() ? null : $at->enum(Opening::class);
    }

    /**
     * @template E of \BackedEnum
     *
     * @param class-string<E> $enum
     *
     * @return list<E>
     */
    private static function each(Cursor $at, string $enum): array
    {
        return array_map(static fn (Cursor $each): \BackedEnum => $each->enum($enum), $at->list());
    }

    /**
     * @param array<string, Level|null> $levels
     *
     * @return list<BenchStep>
     */
    private static function steps(Cursor $operation, array $levels, AskedMeasureReader $asked): array
    {
        $position = $operation->at('position')->isNull() ? null : $operation->at('position')->enum(Position::class);
        $label = $operation->at('label')->string();
        $title = $operation->at('title')->string();

        return array_map(static fn (Cursor $step): BenchStep => new BenchStep(
            $step->at('id')->string(),
            $position,
            $label,
            $title,
            $step->at('entry')->string(),
            $step->at('must')->bool(),
            $step->at('event')->optionalString(),
            $step->at('tightening')->isNull() ? null : TighteningReader::at($step->at('tightening')),
            $levels[$position->value ?? ''] ?? null,
            $step->at('count')->optionalInt(1, 999),
            $step->at('effects')->isNull() ? [] : self::each($step->at('effects'), Effect::class),
            $asked->at($step->at('measure')),
            $asked->seenAt($step->at('entry')->string()),
        ), $operation->at('steps')->list());
    }

    private static function level(Cursor $level): ?Level
    {
        $volume = static fn (string $key): ?Volume => ValueReader::volume($level->at($key));
        $minutes = static fn (string $key): Minutes => Minutes::of($level->at($key)->int(0, 2880));
        [$span, $most, $step] = [$volume('span'), $volume('topUpMax'), $volume('roundTo')];

        return $level->attempt(static fn (Cursor $at): ?Level => null === $span || null === $most || null === $step ? null : new Level(
            new DipstickSpec(
                $span,
                DipstickBand::of($at->at('band')->at('low')->string(), $at->at('band')->at('high')->string()),
                $most,
                $step,
                Aim::tryFrom($at->at('aim')->optionalString() ?? '') ?? Aim::Middle,
            ),
            $minutes('restAfterRunMin'),
            $minutes('restAfterPourMin'),
            !$at->at('readTwice')->isNull() && $at->at('readTwice')->bool(),
        ));
    }
}
