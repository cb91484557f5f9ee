<?php

declare(strict_types=1);

namespace FreshTack\Core\Finding;

/** How something is answered, at each place where it is asked. */
enum AnswerForm: string
{
    /** One of several answers. */
    case Choice = 'choice';
    /** A figure in the unit of its limit. */
    case Figure = 'figure';
    /** How much is left, in per cent, and whether a new one went on. */
    case Share = 'share';
}
