<?php

declare(strict_types=1);

namespace FreshTack\Shop;

/** The way to where things are changed; closed while the shop's data are being replaced. */
interface Door
{
    /**
     * Whoever got in is waited for.
     *
     * @throws Away if it is closed
     */
    public function enter(): void;

    public function leave(): void;
}
