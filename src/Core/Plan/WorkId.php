<?php

declare(strict_types=1);

namespace FreshTack\Core\Plan;

/** Which work: an operation at one engine or on the whole rig, and which time it is done in a plan. */
final readonly class WorkId
{
    private const RIG = 'rig';

    /** Of the work, whichever time it is done: `port.fill`. */
    public string $work;
    /** Of this time: the first is called like the work itself. */
    public string $text;

    /** @param Position|null $position null: the whole rig */
    public function __construct(public ?Position $position, public string $operation, public int $time = 1)
    {
        $this->work = ($position->value ?? self::RIG).'.'.$operation;
        $this->text = $time > 1 ? $this->work.'-'.$time : $this->work;
    }

    /** @return self|null null if it names neither an engine nor the rig, or no operation */
    public static function read(string $text): ?self
    {
        [$where, $operation] = [...explode('.', $text, 2), ''];
        $position = Position::tryFrom($where);

        return '' === $operation || (null === $position && self::RIG !== $where) ? null : new self($position, $operation);
    }

    public function at(?Position $position): self
    {
        return new self($position, $this->operation, $this->time);
    }

    public function again(int $time): self
    {
        return new self($this->position, $this->operation, $time);
    }
}
