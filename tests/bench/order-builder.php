<?php

declare(strict_types=1);

use FreshTack\Core\Order\EngineCompiler;
use FreshTack\Core\Order\FactsMaker;
use FreshTack\Core\Order\OrderBuilder;
use FreshTack\Core\Order\RigPlan;
use FreshTack\Core\Plan\Effort;
use FreshTack\Core\Plan\WorkPlanner;
use FreshTack\Core\SpecBook\Task;
use FreshTack\Exchange\OrderRequestReader;
use FreshTack\Exchange\WorkOrderDocument;
use FreshTack\Tests\Support\Requests;

require dirname(__DIR__, 2).'/vendor/autoload.php';

/** The best of several rounds, in microseconds a call: what the work itself costs, other programs left aside. */
$measure = static function (Closure $work, int $calls = 40): float {
    $best = \INF;
    for ($round = 0; $round < 12; ++$round) {
        $start = hrtime(true);
        for ($call = 0; $call < $calls; ++$call) {
            $work();
        }
        $best = min($best, (hrtime(true) - $start) / ($calls * 1000));
    }

    return $best;
};

$twin = Requests::twin();
$read = OrderRequestReader::read($twin);
$built = (new OrderBuilder())->build($read);
printf("OrderBuilder alone, twin rig:      %6.0f µs\n", $measure(static fn () => (new OrderBuilder())->build($read)));
printf("reading the request before it:     %6.0f µs\n", $measure(static fn () => OrderRequestReader::read($twin)));
printf("writing the document after it:     %6.0f µs\n", $measure(static fn () => WorkOrderDocument::of($built)));

$all = array_column(Task::cases(), 'value');
$places = ['port_outer', 'port', 'centre', 'starboard', 'starboard_outer'];
$full = static fn (int $engines): array => Requests::rig(array_map(static fn (string $place, int $number): array => Requests::engine($place, 'K320', 'KT6-3000'.$number, 'kestrane-k320', $all), array_slice($places, 0, $engines), range(1, $engines)));
[$one, $five] = [OrderRequestReader::read($full(1)), OrderRequestReader::read($full(5))];
$builder = new OrderBuilder();
// what one engine costs is inside both: growth is five engines over five times one
[$costOne, $costFive] = [$measure(static fn () => $builder->build($one), 4), $measure(static fn () => $builder->build($five), 2)];
printf("full service, one engine: %.1f ms; five: %.1f ms; growth over linear: %.2f (aim at most 1.2)\n", $costOne / 1000, $costFive / 1000, $costFive / (5 * $costOne));

$works = static function (array $request): RigPlan {
    $read = OrderRequestReader::read($request);

    return RigPlan::of(array_map((new EngineCompiler($read, new FactsMaker($read)))->compile(...), $read->engines));
};
$rig = $works($full(3))->works;
$planner = new WorkPlanner();
$pass = $measure(static fn () => $planner->plan($rig, 2, 2, Effort::Quick), 4);
$timeline = $measure(static fn () => $planner->plan($rig, 2, 2, Effort::Preview), 1);
printf(
    "timeline of %d stretches over one schedule pass: %.1f (aim at most 20; a pass is %.1f ms)\n",
    count($rig->stretches),
    $timeline / $pass,
    $pass / 1000,
);

echo "the whole plan, in seconds of this machine's PHP, over one pass, and over a time that no plan can beat:\n";
foreach ([[1, 1], [1, 2], [2, 1], [2, 2], [5, 1], [5, 2]] as [$engines, $technicians]) {
    $rig = $works($full($engines))->works;
    $start = hrtime(true);
    $plan = $planner->plan($rig, $technicians, 2, Effort::Full);
    $seconds = (hrtime(true) - $start) / 1e9;
    $quick = $planner->plan($rig, $technicians, 2, Effort::Quick);
    printf(
        '  %d engines, %d technicians, %3d stretches: %.1f s; first pass %4d min, planned %4d min'
            ." with %2d changes, bound %4d min, %.1f %% above\n",
        $engines,
        $technicians,
        count($rig->stretches),
        $seconds,
        $quick->elapsedMin,
        $plan->elapsedMin,
        $plan->changes(),
        $plan->boundMin ?? 0,
        ($plan->gapPermille() ?? 0) / 10,
    );
}
