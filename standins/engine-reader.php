<?php

declare(strict_types=1);

/*
 * A stand-in for an engine reader: GET /engines/{serial} answers what demo/reader.json says of that engine, its hours
 * counted on from the last reading in demo/rigs.json. A file "reader-mode" in the folder it runs in makes it behave
 * badly: slow, down or nonsense.
 */

$demo = dirname(__DIR__).'/demo';
$mode = is_file($_SERVER['DOCUMENT_ROOT'].'/reader-mode') ? trim((string) file_get_contents($_SERVER['DOCUMENT_ROOT'].'/reader-mode')) : '';
$serial = rawurldecode((string) preg_replace('#^/engines/#', '', (string) parse_url((string) $_SERVER['REQUEST_URI'], PHP_URL_PATH)));

function answer(int $status, string $text): never
{
    http_response_code($status);
    header('Content-Type: application/json');
    echo $text;
    exit;
}

/** @return array<string, mixed> */
function file_of(string $path): array
{
    return json_decode((string) file_get_contents($path), true, 64, JSON_THROW_ON_ERROR);
}

if ('slow' === $mode) {
    sleep(8);
}
if ('down' === $mode) {
    answer(503, '{}');
}
if ('nonsense' === $mode) {
    answer(200, json_encode(['format' => 'fresh-tack/engine-reader/1', 'serial' => $serial, 'date' => '31 February', 'hours' => '-3', 'speedBands' => [], 'faults' => []], JSON_THROW_ON_ERROR));
}

$connected = file_of($demo.'/reader.json')['engines'][$serial] ?? null;
if (null === $connected) {
    answer(404, '{}');
}
$last = '0.0';
foreach (file_of($demo.'/rigs.json')['boats'] as $boat) {
    foreach ($boat['engines'] as $engine) {
        if ($serial === $engine['serial'] && [] !== $engine['readings']) {
            $last = $engine['readings'][count($engine['readings']) - 1]['hours'];
        }
    }
}
$now = getenv('FRESH_TACK_NOW');
answer(200, json_encode([
    'format' => 'fresh-tack/engine-reader/1',
    'serial' => $serial,
    'date' => (new DateTimeImmutable(false === $now || '' === $now ? 'now' : $now))->format('Y-m-d'),
    'hours' => number_format((float) $last + (float) $connected['since'], 1, '.', ''),
    'speedBands' => $connected['speedBands'],
    'faults' => $connected['faults'],
], JSON_THROW_ON_ERROR));
