<?php

declare(strict_types=1);

namespace FreshTack\Core\Fastening;

/** Made tight without a figure: nothing is set, nothing is counted, and that is what is said. */
enum ByFeel: string implements Tightening
{
    case HandTight = 'hand_tight';
    case UntilClick = 'until_click';

    public function figure(): string
    {
        return self::HandTight === $this ? 'hand-tight' : 'until it clicks';
    }

    public function detail(): string
    {
        return self::HandTight === $this ? 'no tool; not with a wrench' : 'no figure; the click is the check';
    }

    public function usedAgain(): self
    {
        return $this;
    }

    public function entryKind(): string
    {
        return 'tick';
    }

    public function torque(): null
    {
        return null;
    }

    public function turns(): null
    {
        return null;
    }
}
