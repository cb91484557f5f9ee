<?php

declare(strict_types=1);

namespace FreshTack\Core\Procedure;

/** What the bench asks for at a step. `Tightening` becomes torque or turns by what the sheet says. */
enum StepEntry: string
{
    case Tick = 'tick';
    case OilAppearance = 'oil_appearance';
    /** How the oil stands when the engine comes in, before anything is done. */
    case ArrivalLevel = 'arrival_level';
    case Leaks = 'leaks';
    case TellTale = 'tell_tale';
    case Poured = 'poured';
    case Level = 'level';
    case FirstLevel = 'first_level';
    /** The first of two readings that must agree. */
    case LevelOnce = 'level_once';
    case Tightening = 'tightening';
    /** Rags and tools: what went in comes out. */
    case Count = 'count';
    /** All fasteners of the step's rows are back, as many as the sheet names. */
    case Fasteners = 'fasteners';
}
