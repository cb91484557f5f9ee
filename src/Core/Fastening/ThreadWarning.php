<?php

declare(strict_types=1);

namespace FreshTack\Core\Fastening;

use FreshTack\Core\Policy\Question;
use FreshTack\Core\Policy\Schools;

/** A figure holds for one state of the thread; the shop's habit may be another. The figure is never changed for it. */
final readonly class ThreadWarning
{
    /** @return string|null null: the shop treats threads as the figure assumes */
    public static function of(TorqueTightening $tightening, Schools $schools): ?string
    {
        $habit = $schools->answer(Question::Threads);
        $treated = match ($habit->code) {
            'marine_grease' => ThreadState::Greased,
            'anti_seize' => ThreadState::AntiSeize,
            default => ThreadState::Dry,
        };

        return $treated === $tightening->thread ? null : \sprintf('The figure assumes %s; the shop\'s habit is %s. Here the sheet counts.', $tightening->thread->label(), $habit->name);
    }
}
