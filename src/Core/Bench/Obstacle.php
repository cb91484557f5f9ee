<?php

declare(strict_types=1);

namespace FreshTack\Core\Bench;

/** What keeps an order from being released, in words that say what to do about it. */
final readonly class Obstacle
{
    /**
     * @param string $kind what sort of thing it is: stopped, step, unfit, level, volume, oil, left_out, laid_out, finding
     * @param string $at   where it is: a step, an engine, an oil; empty: the whole order
     */
    private function __construct(public string $kind, public string $at, public string $message)
    {
    }

    public static function stopped(Stop $stop): self
    {
        return new self(
            'stopped',
            $stop->stepId,
            \sprintf('The work is stopped (%s) and nobody has decided how it goes on.', rtrim($stop->meaning, '.')),
        );
    }

    /**
     * @param BenchStep $first of the open ones of its operation
     * @param int       $count how many are open
     */
    public static function steps(BenchStep $first, int $count): self
    {
        $what = 1 === $count ? 'is not entered yet' : \sprintf('has %d steps that are not entered yet', $count);

        return new self('step', $first->id, \sprintf('%s: "%s" %s.', $first->label, $first->title, $what));
    }

    /** Of the whole rig: no engine is worse for it, and somebody says why. */
    public static function leftOut(BenchStep $step, string $why): self
    {
        return new self(
            'left_out',
            $step->id,
            \sprintf('%s: "%s" was not done: %s. Say how it is left.', $step->label, $step->title, $why),
        );
    }

    /** @param string $why in one sentence */
    public static function unfit(string $position, string $label, string $why): self
    {
        return new self('unfit', $position, \sprintf('%s: %s It is not fit to run like this.', $label, $why));
    }

    public static function level(string $position, string $label): self
    {
        return new self(
            'level',
            $position,
            \sprintf('%s: no settled reading after the last run and the last pour says that the level is fine.', $label),
        );
    }

    public static function finding(Finding $finding): self
    {
        return new self(
            'finding',
            $finding->stepId,
            \sprintf(
                '%s. %sSay what becomes of it.',
                ucfirst(rtrim($finding->text, '.')),
                '' === $finding->meaning ? '' : $finding->meaning.' ',
            ),
        );
    }

    /** @param BenchStep $step of the operation for which it was laid out */
    public static function laidOut(BenchStep $step, string $number): self
    {
        return new self(
            'laid_out',
            $step->id,
            \sprintf('%s: %s was laid out for “%s”. Say whether it went on or goes back.', $step->label, $number, $step->title),
        );
    }

    public static function volume(string $position, string $message): self
    {
        return new self('volume', $position, $message);
    }

    public static function oil(string $oil, string $message): self
    {
        return new self('oil', $oil, $message);
    }

    /** Under which it can be explained: `volume.port`; null: it can't be talked away. */
    public function deviation(): ?string
    {
        return \in_array($this->kind, ['volume', 'oil', 'left_out'], true) ? $this->kind.'.'.$this->at : null;
    }
}
