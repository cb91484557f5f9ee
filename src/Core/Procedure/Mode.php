<?php

declare(strict_types=1);

namespace FreshTack\Core\Procedure;

/** Work that belongs to no task: it is put in wherever the next work needs the engine another way. */
enum Mode: string
{
    case LockOut = 'lock_out';
    case Unlock = 'unlock';
    case HandBack = 'hand_back';
    case Turn = 'turn';
}
