<?php

declare(strict_types=1);

namespace FreshTack\Shop;

/** A unit of work: all of it is kept, or nothing. */
interface Unit
{
    /**
     * @template T
     *
     * @param \Closure(): T $work
     *
     * @return T
     *
     * @throws Conflict if a row was changed by somebody else since it was read
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
     */
    public function trial(\Closure $work): mixed;

    /** Lets go of all that was read, between the parts of long work. */
    public function letGo(): void;
}
