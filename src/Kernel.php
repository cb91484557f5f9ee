<?php

declare(strict_types=1);

namespace FreshTack;

use Symfony\Bundle\FrameworkBundle\Kernel\MicroKernelTrait;
use Symfony\Component\HttpKernel\Kernel as BaseKernel;

final class Kernel extends BaseKernel
{
    use MicroKernelTrait;

    /** Tests compile their own container elsewhere, so that they don't disturb a shop that is being served. */
    public function getCacheDir(): string
    {
        $folder = $_SERVER['FRESH_TACK_CACHE_DIR'] ?? null;

        return (\is_string($folder) && '' !== $folder ? $folder : $this->getProjectDir().'/var/cache').'/'.$this->environment;
    }
}
