<?php

declare(strict_types=1);

namespace FreshTack\Storage;

use Symfony\Component\DependencyInjection\Attribute\AutoconfigureTag;
use Symfony\Contracts\Service\ResetInterface;

/** What was read once is kept for the length of a request; every unit of work begins without it. */
#[AutoconfigureTag(self::class)]
interface RequestMemory extends ResetInterface
{
}
