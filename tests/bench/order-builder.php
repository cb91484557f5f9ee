<?php

declare(strict_types=1);

use FreshTack\Core\Order\EngineCompiler;
use FreshTack\Core\Order\FactsMaker;
use FreshTack\Core\Order\OrderBuilder;
use FreshTack\Core\Order\RequestReader;
use FreshTack\Core\Order\RigPlan;
use FreshTack\Core\Plan\Arrangement;
use FreshTack\Core\Plan\CompiledWork;
use FreshTack\Core\Plan\Effort;
use FreshTack\Core\Plan\Sequence\ListScheduler;
use FreshTack\Core\Plan\Sequence\LowerBound;
use FreshTack\Core\Plan\Sequence\Sequencer;
use FreshTack\Core\Plan\WorkPlanner;
use FreshTack\Core\SpecBook\Task;
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
$read = RequestReader::read($twin);
$built = (new OrderBuilder())->build($read);
printf("OrderBuilder alone, twin rig:      %6.0f µs\n", $measure(static fn () => (new OrderBuilder())->build($read)));
printf("reading the request before it:     %6.0f µs\n", $measure(static fn () => RequestReader::read($twin)));
printf("writing the document after it:     %6.0f µs\n", $measure(static fn () => WorkOrderDocument::of($built)));

$all = array_column(Task::cases(), 'value');
$places = ['port_outer', 'port', 'centre', 'starboard', 'starboard_outer'];
$full = static fn (int $engines): array => Requests::rig(array_map(static fn (string $place, int $number): array => Requests::engine($place, 'K320', 'KT6-3000'.$number, 'kestrane-k320', $all), array_slice($places, 0, $engines), range(1, $engines)));
[$one, $five] = [RequestReader::read($full(1)), RequestReader::read($full(5))];
$builder = new OrderBuilder();
// what one engine costs is inside both: growth is five engines over five times one
[$costOne, $costFive] = [$measure(static fn () => $builder->build($one), 4), $measure(static fn () => $builder->build($five), 2)];
printf("full service, one engine: %.1f ms; five: %.1f ms; growth over linear: %.2f (aim at most 1.2)\n", $costOne / 1000, $costFive / 1000, $costFive / (5 * $costOne));

$works = static function (array $request): RigPlan {
    $read = RequestReader::read($request);

    return RigPlan::of(array_map((new EngineCompiler($read, new FactsMaker($read)))->compile(...), $read->engines));
};
$rig = $works($full(3))->works;
$problem = (new CompiledWork(Arrangement::usual($rig)->sequence(), $rig->positions(), 2))->problem;
$scheduler = new ListScheduler($problem);
$pass = $measure(static fn () => $scheduler->schedule($problem->order), 4);
$timeline = $measure(static fn () => (new WorkPlanner())->plan($rig, 2, Effort::Preview), 1);
printf("timeline of %d activities over one schedule pass: %.1f (aim at most 20; a pass is %.1f ms)\n", $problem->count(), $timeline / $pass, $pass / 1000);

echo "plans against a plain first-come order, two technicians:\n";
foreach ([['one engine, oil', Requests::rig([Requests::engine('single', 'K320', 'KT6-30001', 'kestrane-k320', ['engine_oil'])])], ['one engine, everything', $full(1)], ['two engines, everything', $full(2)], ['three engines, everything', $full(3)]] as [$name, $request]) {
    $rig = $works($request)->works;
    $problem = (new CompiledWork(Arrangement::usual($rig)->sequence(), $rig->positions(), 2))->problem;
    $scheduler = new ListScheduler($problem);
    $first = $scheduler->makespan($scheduler->schedule(range(0, $problem->count() - 1)));
    $start = hrtime(true);
    $plan = (new Sequencer())->plan($problem, Effort::Full->schedules($problem->count()));
    printf("  %-26s %3d activities: first come %4d min, planned %4d min, bound %4d min, %.0f schedule passes' time\n", $name, $problem->count(), $first, $plan->makespanMin, (new LowerBound())->of($problem), (hrtime(true) - $start) / 1000 / $measure(static fn () => $scheduler->schedule($problem->order), 4));
}
