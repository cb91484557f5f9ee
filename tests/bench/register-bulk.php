<?php

declare(strict_types=1);

use Doctrine\DBAL\DriverManager;
use Doctrine\DBAL\Tools\DsnParser;

require dirname(__DIR__, 2).'/vendor/autoload.php';

/*
 * Boats FROM to TO for measuring only, made by set-based statements: a name of two words out of 48 and 40, an owner, a
 * registration; an engine on the first 100,000 of them, with 16 kept due lines each. Their first days lie over four
 * years around the day of the tests, as they do in a shop; the words by which they are found are split as the
 * application splits them.
 */
[, $from, $to] = array_map(intval(...), [...$argv, 0, 0]);
$connection = DriverManager::getConnection((new DsnParser(['mysql' => 'pdo_mysql']))->parse((string) getenv('DATABASE_URL')));
$words = static fn (string $list): string => "'".implode("','", explode(' ', $list))."'";
$first = $words('Amber Birch Bold Brave Bright Calm Cedar Clear Copper Coral Dawn Deep Early Fair Far Fleet Gentle Golden Green Grey Hardy High Hollow Iron Ivory Jolly Keen Lofty Lone Lucky Merry Misty Noble North Old Pale Proud Quiet Rapid Rising Salty Silent Silver Sober Steady Swift True Wild');
$second = $words('Anchor Auk Bittern Breeze Buoy Channel Cormorant Crab Current Curlew Drift Eddy Eider Fathom Gannet Gull Harbour Heron Horizon Kelp Kestrel Lantern Limpet Loon Marlin Mist Oar Petrel Pilot Plover Puffin Reef Seal Shoal Skerry Spray Swell Tern Tide Whelk');
$first_on = 'DATE_ADD(\'2024-03-18\', INTERVAL (seq * 7919) % 1460 DAY)';

$connection->executeStatement("INSERT INTO customer (name, version) SELECT CONCAT('Owner ', seq), 1 FROM seq_{$from}_to_$to");
$connection->executeStatement("INSERT INTO boat (name, kind, registration, customer_id, water, kept, commercial, months_used, version)
    SELECT CONCAT(ELT(1 + seq % 48, $first), ' ', ELT(1 + (seq DIV 48) % 40, $second), ' ', seq), 'bulk', CONCAT('BK ', LPAD(seq, 6, '0')), c.id, 'salt', 'moored', 0, '1,2,3,4,5,6,7,8,9,10,11,12', 1
    FROM seq_{$from}_to_$to JOIN customer c ON c.name = CONCAT('Owner ', seq)");
$connection->executeStatement("INSERT INTO engine (boat_id, position, model, serial, in_service, has_meter, version)
    SELECT id, 'single', 'BULK', CONCAT('BX-', SUBSTRING(registration, 4)), '2022-01-01', 1, 1 FROM boat WHERE kind = 'bulk' AND CAST(SUBSTRING(registration, 4) AS UNSIGNED) BETWEEN $from AND LEAST($to, 100000)");
$connection->executeStatement("INSERT INTO due_line (engine_id, task, soon_on, due_on, overdue_on, expected_on, unrecorded, listed_elsewhere, by_use, due_tenths, sequence, changed_at)
    SELECT e.id, ELT(t.seq, 'engine_oil', 'oil_filter', 'spark_plugs', 'fuel_filter', 'gear_lubricant', 'propeller_shaft', 'water_pump', 'external_anodes', 'internal_anodes', 'thermostats', 'accessory_belt', 'timing_belt', 'timing_belt_check', 'valve_clearance', 'lubrication', 'inspection'),
        d.day, DATE_ADD(d.day, INTERVAL 30 DAY), DATE_ADD(d.day, INTERVAL 61 DAY), DATE_ADD(d.day, INTERVAL 30 DAY), 0, 0, 0, 6000, 0, NOW()
    FROM engine e JOIN seq_1_to_16 t JOIN (SELECT seq, $first_on AS day FROM seq_{$from}_to_$to) d ON e.serial = CONCAT('BX-', LPAD(d.seq, 6, '0'))");
$connection->executeStatement('INSERT IGNORE INTO engine_due (engine_id, due_on, expected_on, no_record_on, refused, meter_tenths, computed_at)
    SELECT engine_id, MIN(due_on), MIN(expected_on), NULL, NULL, 5000, NOW() FROM due_line l JOIN engine e ON e.id = l.engine_id WHERE e.model = \'BULK\' GROUP BY engine_id');
$connection->executeStatement('DELETE FROM due_day');
foreach (['due', 'expected', 'no_record'] as $kind) {
    $connection->executeStatement("INSERT INTO due_day (kind, day, engines) SELECT '$kind', {$kind}_on, COUNT(*) FROM engine_due WHERE {$kind}_on IS NOT NULL GROUP BY {$kind}_on");
}
$step = 20_000;
for ($start = $from; $start <= $to; $start += $step) {
    $end = min($to, $start + $step - 1);
    $boats = "SELECT id, LOWER(name) AS name, SUBSTRING(registration, 4) AS number FROM boat WHERE kind = 'bulk' AND registration BETWEEN CONCAT('BK ', LPAD($start, 6, '0')) AND CONCAT('BK ', LPAD($end, 6, '0'))";
    $connection->executeStatement("INSERT IGNORE INTO search_piece (kind, inside, piece, ref)
        SELECT 'boat', s.seq > 1, SUBSTRING(w.word, s.seq), w.id FROM (
            SELECT id, SUBSTRING_INDEX(name, ' ', 1) AS word FROM ($boats) a UNION ALL SELECT id, SUBSTRING_INDEX(SUBSTRING_INDEX(name, ' ', 2), ' ', -1) FROM ($boats) b
            UNION ALL SELECT id, 'owner' FROM ($boats) c UNION ALL SELECT id, number FROM ($boats) d UNION ALL SELECT id, CONCAT('bk', number) FROM ($boats) e
            UNION ALL SELECT id, CONCAT('bx', number) FROM ($boats) f UNION ALL SELECT id, 'bx' FROM ($boats) g UNION ALL SELECT id, 'bk' FROM ($boats) h
        ) w JOIN seq_1_to_24 s ON s.seq = 1 OR s.seq <= CHAR_LENGTH(w.word) - 2");
}
$connection->fetchAllAssociative('ANALYZE TABLE boat, customer, engine, engine_due, due_line, due_day, search_piece');
