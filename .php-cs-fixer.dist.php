<?php

declare(strict_types=1);

use PhpCsFixer\Config;
use PhpCsFixer\Finder;

return (new Config())
    ->setRiskyAllowed(true)
    ->setRules([
        '@Symfony' => true,
        '@Symfony:risky' => true,
        'declare_strict_types' => true,
        'phpdoc_to_comment' => false,
        'phpdoc_align' => false,
    ])
    ->setCacheFile(__DIR__.'/var/php-cs-fixer.cache')
    ->setFinder((new Finder())->in([__DIR__.'/bin/lib', __DIR__.'/src', __DIR__.'/tests', __DIR__.'/migrations', __DIR__.'/config', __DIR__.'/public'])->append([__FILE__]));
