<?php

declare(strict_types=1);

namespace FreshTack\Storage\Background;

/** The message that asks for it; all that it needs is in the table of marks. */
final readonly class ReckonStaleDues
{
}
