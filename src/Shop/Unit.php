<?php

declare(strict_types=1);

namespace FreshTack\Shop;

/** A unit of work: all of it is kept, or nothing. One inside another one is part of it. */
interface Unit
{
    /**
     * Work that collides with somebody else's is run again, from its beginning, at most three times: what it decides by
     * has to be read inside of it, and what reaches the world outside has no place in it.
     *
     * @template T
     *
     * @param \Closure(): T $work
     *
     * @return T
     *
     * @throws Conflict if it collided each time
     * @throws Away     if the shop's data are being replaced just now
     */
    public function run(\Closure $work): mixed;

    /**
     * Runs the work to see what it gives, and keeps nothing of it.
     *
     * @template T
     *
     * @param \Closure(): T $work
     *
     * @return T
     *
     * @throws Conflict
     */
    public function trial(\Closure $work): mixed;

    /** Lets go of all that was read, between the parts of long work. */
    public function letGo(): void;
}
