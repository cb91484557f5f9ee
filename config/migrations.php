<?php

declare(strict_types=1);

return [
    'table_storage' => ['table_name' => 'migration_version'],
    'migrations_paths' => ['FreshTack\Migrations' => dirname(__DIR__).'/migrations'],
    'all_or_nothing' => false,
    'transactional' => false,
];
