<?php

declare(strict_types=1);

namespace FreshTack\Core\Plan;

/** What an operation changes, in the closed vocabulary over which the gates are written. */
enum Effect: string
{
    case WaterOn = 'water_on';
    case WaterOff = 'water_off';
    case LockedOut = 'locked_out';
    case LockoutLifted = 'lockout_lifted';
    case Started = 'started';
    case Stopped = 'stopped';
    case CowlOff = 'cowl_off';
    case CowlOn = 'cowl_on';
    case PanelOff = 'panel_off';
    case PanelOn = 'panel_on';
    case DrainOpened = 'drain_opened';
    case DrainClosed = 'drain_closed';
    case OilOut = 'oil_out';
    case SpillOpened = 'spill_opened';
    case SpillClosed = 'spill_closed';
    case FilterOff = 'filter_off';
    case OldGasketSeen = 'old_gasket_seen';
    case FilterOn = 'filter_on';
    case OilIn = 'oil_in';
    case Rested = 'rested';
    case LevelRead = 'level_read';
}
