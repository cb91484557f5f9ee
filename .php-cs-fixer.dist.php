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
    ->setFinder((new Finder())->in(array_map(
        static fn (string $folder): string => __DIR__.'/'.$folder,
        ['bin/lib', 'src', 'tests', 'migrations', 'config', 'public'],
    ))->append([__FILE__]));
