<?php

declare(strict_types=1);

namespace FreshTack\Core\Fastening;

/** Screwed on by hand, without a tool. */
final readonly class HandTight implements Tightening
{
    public function figure(): string
    {
        return 'hand-tight';
    }

    public function detail(): string
    {
        return 'no tool; not with a wrench';
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
