<?php

declare(strict_types=1);

namespace FreshTack\Core\Fastening;

/** How a joint is made tight: typed, never free text, so that it can be printed, drawn and checked. */
interface Tightening
{
    /** The figure with its unit, to be set large. */
    public function figure(): string;

    /** What belongs beside the figure: the range, the converted value, the state of the thread, the pattern. */
    public function detail(): string;

    /** For what was crushed before and goes back; itself where the sheet has no other figure for that. */
    public function usedAgain(): self;

    /** Which entry the bench asks for: torque, turns or tick. */
    public function entryKind(): string;

    /** The torque that an entry is held against; null if no wrench is set. */
    public function torque(): ?TorqueTightening;

    /** The turns that an entry is held against; null if none are counted. */
    public function turns(): ?TurnsRange;
}
