<?php

declare(strict_types=1);

namespace FreshTack\Core\Procedure;

/** Figures that were put into words already: what an engine's facts remember, and nobody sees. */
final class ShownFigures
{
    /** @var array<string, Figure|null> by path */
    public array $figures = [];
}
