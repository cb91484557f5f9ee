<?php

declare(strict_types=1);

namespace FreshTack\Core\Order;

use FreshTack\Core\Plan\HandMove;
use FreshTack\Core\Plan\WorkId;
use FreshTack\Core\Quantity\Minutes;

/**
 * A step that somebody added to an order. It is done as the engine stands for the operation that it follows, behind the
 * same covers and with the same cautions; it changes nothing that a gate asks for.
 */
final readonly class HandStep
{
    private const ID = '/^hand-\d{1,4}$/';

    /**
     * @param string $id    `hand-` and a number, one of its own in the order
     * @param WorkId $after the operation that it follows
     */
    public function __construct(public string $id, public WorkId $after, public string $text, public Minutes $attended)
    {
    }

    /** Whether an operation goes by such an id; "hand-back", of the book, does not. */
    public static function isId(string $id): bool
    {
        return 1 === preg_match(self::ID, $id);
    }

    /** Of the operation that it becomes: it stands at the engine, or the rig, of what it follows. */
    public function operation(): WorkId
    {
        return new WorkId($this->after->position, $this->id);
    }

    public function move(): HandMove
    {
        return new HandMove($this->after, $this->operation());
    }
}
