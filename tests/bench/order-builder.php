<?php

declare(strict_types=1);

use FreshTack\Core\Order\OrderBuilder;
use FreshTack\Core\Order\RequestReader;
use FreshTack\Exchange\WorkOrderDocument;
use FreshTack\Tests\Support\Requests;

require dirname(__DIR__, 2).'/vendor/autoload.php';

/** The best of several rounds, in microseconds a call: what the work itself costs, other programs left aside. */
$measure = static function (Closure $work): float {
    $best = \INF;
    for ($round = 0; $round < 12; ++$round) {
        $start = hrtime(true);
        for ($call = 0; $call < 40; ++$call) {
            $work();
        }
        $best = min($best, (hrtime(true) - $start) / 40_000);
    }

    return $best;
};

$twin = Requests::twin();
$read = RequestReader::read($twin);
$built = (new OrderBuilder())->build($read);
printf("OrderBuilder alone, twin rig:      %6.0f µs\n", $measure(static fn () => (new OrderBuilder())->build($read)));
printf("reading the request before it:     %6.0f µs\n", $measure(static fn () => RequestReader::read($twin)));
printf("writing the document after it:     %6.0f µs\n", $measure(static fn () => WorkOrderDocument::of($built)));
