<?php

declare(strict_types=1);

use Doctrine\DBAL\Connection;
use Doctrine\DBAL\DriverManager;
use Doctrine\DBAL\Tools\DsnParser;
use FreshTack\Core\SpecBook\Cycle;
use FreshTack\Core\SpecBook\EngineModel;
use FreshTack\Core\SpecBook\Plate;
use FreshTack\Core\SpecBook\SheetFinder;
use FreshTack\Storage\SheetHeads;

require dirname(__DIR__, 2).'/vendor/autoload.php';

/*
 * What it costs to find a sheet, against one row by its primary key, in a small book and in a large one. Sheets and
 * ranges are made by two set-based statements: two sheets a model, as at
 * a serial break, and eight ranges a sheet, side by side without a gap.
 */
$connection = DriverManager::getConnection((new DsnParser(['mysql' => 'pdo_mysql']))->parse((string) getenv('DATABASE_URL')));
$heads = new SheetHeads($connection);
$finder = new SheetFinder();

$fill = static function (Connection $connection, int $from, int $to): void {
    $connection->executeStatement("INSERT INTO spec_sheet (sheet_id, revision, status, maker, document, family, author, gearcases, changed_at, version)
        SELECT CONCAT('bench-', seq), 1, 'published', 'Bulk', '{}', 0, 'bulk', '', NOW(), 1 FROM seq_{$from}_to_$to");
    $connection->executeStatement("INSERT INTO sheet_range (sheet_id, sheet_name, revision, status, maker, gearcases, model, prefix, serial_from, serial_to)
        SELECT s.id, s.sheet_id, 1, 'published', 'Bulk', '', CONCAT('B', LPAD(FLOOR((n.seq - 1) / 2), 5, '0')), 'BX-', (((n.seq - 1) % 2) * 8 + r.seq) * 1000, (((n.seq - 1) % 2) * 8 + r.seq) * 1000 + 999
        FROM seq_{$from}_to_$to n JOIN spec_sheet s ON s.sheet_id = CONCAT('bench-', n.seq) JOIN seq_0_to_7 r");
    $connection->fetchAllAssociative('ANALYZE TABLE spec_sheet, sheet_range');
};

/**
 * The two in turn, round after round, since machines are noisy: the median of each in microseconds a call, and of the
 * ratios.
 *
 * @return array{float, float, float}
 */
$compare = static function (Closure $one, Closure $other): array {
    $timed = static function (Closure $work): float {
        $start = hrtime(true);
        for ($call = 0; $call < 100; ++$call) {
            $work($call);
        }

        return (hrtime(true) - $start) / 100_000;
    };
    $median = static function (array $values): float {
        sort($values);
        $middle = $values[intdiv(count($values), 2)];

        return is_float($middle) ? $middle : throw new LogicException('A median of no times.');
    };
    $rounds = [];
    for ($round = 0; $round < 41; ++$round) {
        $rounds[] = [$timed($one), $timed($other)];
    }

    return [$median(array_map(static fn (array $pair): float => $pair[0], $rounds)), $median(array_map(static fn (array $pair): float => $pair[1], $rounds)), $median(array_map(static fn (array $pair): float => $pair[1] / $pair[0], $rounds))];
};

$find = static function (int $sheets) use ($heads, $finder): Closure {
    $asked = array_map(static function (int $call) use ($sheets): array {
        $model = new EngineModel(sprintf('B%05d', ($call * 7) % intdiv($sheets, 2)), 'Bulk', Cycle::FourStroke, ['BX-'], 5);
        $plate = new Plate($model->code, sprintf('BX-%05d', ($call * 997) % 16_000));

        return [$model, $plate, $model->serial($plate->serial) ?? throw new LogicException('A serial number of no pattern.')];
    }, range(0, 99));

    return static function (int $call) use ($heads, $finder, $asked): void {
        [$model, $plate, $serial] = $asked[$call];
        [$claims] = $heads->claiming([[$plate->model, $serial]]);
        null !== $finder->find($plate, $model, $claims)->head || throw new LogicException('No sheet for '.$plate->model.' '.$plate->serial);
    };
};

$fill($connection, 1, 500);
$number = static function (string $sql) use ($connection): int {
    $found = $connection->fetchOne($sql);

    return is_numeric($found) ? (int) $found : throw new LogicException($sql);
};
$first = $number("SELECT id FROM spec_sheet WHERE sheet_id = 'bench-1'");
$one = static fn (int $call): mixed => $connection->fetchAssociative('SELECT sheet_id, revision, status, maker, year_from, year_to, gearcases FROM spec_sheet WHERE id = ?', [$first + ($call * 13) % 500]);
[, , $small] = $compare($one, $find(500));
$fill($connection, 501, 5000);
[$key, $large, $ratio] = $compare($one, $find(5000));

$count = static fn (string $table): int => $number("SELECT COUNT(*) FROM $table");
printf("one row by its primary key:            %6.0f µs\n", $key);
printf("a sheet among %5d, %6d ranges:     %6.0f µs, ratio %.2f (aim: 2 at most)\n", $count('spec_sheet'), $count('sheet_range'), $large, $ratio);
printf("growth from 500 sheets to 5,000:       %6.2f (aim: 1.3 at most)\n", $ratio / $small);
exit($ratio <= 2 && $ratio / $small <= 1.3 ? 0 : 1);
