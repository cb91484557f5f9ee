<?php

declare(strict_types=1);

namespace FreshTack\Core\Fastening;

/** How a joint is made tight: typed, never free text, so that it can be printed, drawn and checked. */
interface Tightening
{
    /** The figure with its unit, to be set large. */
    public function figure(): string;

    /** What belongs beside the figure: the range, the converted value, the state of the thread. */
    public function detail(): string;

    /** Which entry the bench asks for. */
    public function entryKind(): string;
}
