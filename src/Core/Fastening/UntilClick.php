<?php

declare(strict_types=1);

namespace FreshTack\Core\Fastening;

/** Turned until it clicks home. */
final readonly class UntilClick implements Tightening
{
    public function figure(): string
    {
        return 'until it clicks';
    }

    public function detail(): string
    {
        return 'no figure; the click is the check';
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
