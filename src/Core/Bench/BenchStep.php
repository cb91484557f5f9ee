<?php

declare(strict_types=1);

namespace FreshTack\Core\Bench;

use FreshTack\Core\Fastening\Tightening;
use FreshTack\Core\Finding\Answer;
use FreshTack\Core\Finding\AskedMeasure;
use FreshTack\Core\Order\Level;
use FreshTack\Core\Plan\Effect;
use FreshTack\Core\Plan\Position;

/** A step of a frozen order as the bench has to judge it. */
final readonly class BenchStep
{
    /**
     * @param Position|null $position null: the whole rig
     * @param string        $entry    what it asks for
     * @param string|null   $event    `run` or `pour` when it is done
     * @param Level|null    $level    how to judge a level on this engine
     * @param int|null      $count    how many fasteners go back; null: none are counted, or nobody knows
     * @param list<Effect>  $effects  what is so once it is done, in the order in which it happens
     * @param list<Answer>  $answers  to what is looked at there; none: it is no look
     * @param AskedMeasure|null $measure what is measured or seen there; null: nothing beside that it was done
     */
    public function __construct(
        public string $id,
        public ?Position $position,
        public string $label,
        public string $title,
        public string $entry,
        public bool $must,
        public ?string $event,
        public ?Tightening $tightening,
        public ?Level $level,
        public ?int $count = null,
        public array $effects = [],
        public ?AskedMeasure $measure = null,
        public array $answers = [],
    ) {
    }

    /** @return Answer|null null: that is no answer to what is looked at there */
    public function seen(string $code): ?Answer
    {
        return array_values(array_filter($this->answers, static fn (Answer $each): bool => $code === $each->code))[0] ?? null;
    }

    public function asksForLevel(): bool
    {
        return \in_array($this->entry, ['level', 'first_level', 'level_once'], true);
    }

    public function has(Effect ...$any): bool
    {
        return [] !== array_filter($any, fn (Effect $effect): bool => \in_array($effect, $this->effects, true));
    }

    /** What a record calls that which was entered there: what was measured, or the operation. */
    public function asked(): string
    {
        return null === $this->measure ? $this->title : ucfirst($this->measure->measure->label());
    }

    /** As a sentence names it: `“Close the drain valve” (Port)`. */
    public function named(): string
    {
        return \sprintf('“%s” (%s)', $this->title, $this->label);
    }
}
