<?php

declare(strict_types=1);

namespace FreshTack\Shop\Order;

use FreshTack\Core\Fastening\TorqueWrench;
use FreshTack\Core\Order\ByHand;
use FreshTack\Core\Order\OrderRequest;
use FreshTack\Core\Order\Place;
use FreshTack\Core\Order\RequestReader;
use FreshTack\Core\Plan\Position;
use FreshTack\Core\Quantity\EngineHours;
use FreshTack\Core\Quantity\InvalidQuantity;
use FreshTack\Core\Reading\InvalidDocument;
use FreshTack\Core\SpecBook\SheetHead;
use FreshTack\Core\SpecBook\SpecSheet;
use FreshTack\Core\SpecBook\Task;
use FreshTack\Core\Usage\HourReading;
use FreshTack\Exchange\ByHandDocument;
use FreshTack\Shop\Board\AssessEngine;
use FreshTack\Shop\Board\EngineAssessment;
use FreshTack\Shop\Book\SpecBook;
use FreshTack\Shop\NotFound;
use FreshTack\Shop\Register\Boat;
use FreshTack\Shop\Register\EngineLogs;
use FreshTack\Shop\ShopSettings;
use FreshTack\Shop\Stock\Stock;
use FreshTack\Shop\Today;

/** Turns a draft into a complete order request: every engine with its sheet, the procedures, the shelf. */
final readonly class RequestAssembler
{
    public function __construct(
        private EngineLogs $logs,
        private AssessEngine $assess,
        private SpecBook $book,
        private Stock $stock,
        private ShopSettings $settings,
        private Today $today,
    ) {
    }

    /**
     * @param list<Task>|null $more where only these and the picked tasks stand; null: all
     *
     * @return list<EngineAssessment> in the order of the draft
     *
     * @throws NotFound        if an engine is not on this boat
     * @throws InvalidQuantity if the draft's hours can't be read
     */
    public function assess(Boat $boat, Draft $draft, ?array $more = null): array
    {
        $histories = $this->logs->all(array_map(static fn (DraftEngine $engine): int => $engine->engineId, $draft->engines));

        return array_map(function (DraftEngine $drafted) use ($boat, $histories, $more): EngineAssessment {
            $known = $boat->engine($drafted->engineId) ?? throw NotFound::engine($drafted->engineId);
            $history = $histories[$known->id];
            $reading = null === $drafted->hours ? null : new HourReading(($this->today)(), EngineHours::of($drafted->hours), $history->hours->latest()->offsetTenths ?? 0);

            return ($this->assess)($known->identifiedAs($drafted->plate(), null !== $drafted->hours), $boat->use, $history, $reading, null === $more ? null : [...$drafted->tasks, ...$more]);
        }, $draft->engines);
    }

    /**
     * The request with the engines that have a sheet, complete, as it is kept with an order; null if none has.
     *
     * @param list<EngineAssessment> $assessed
     *
     * @return array<string, mixed>|null
     */
    public function request(int $number, Draft $draft, Boat $boat, array $assessed): ?array
    {
        return $this->assembled($number, $draft, $boat, $assessed, true);
    }

    /**
     * The same request, read, without turning the book into documents and back, and with only the procedures it needs.
     *
     * @param list<EngineAssessment> $assessed
     * @param list<Task>             $more     tasks that are not picked and may be asked about
     *
     * @throws InvalidDocument if the shop's settings or a filled hole can't be used
     */
    public function read(int $number, Draft $draft, Boat $boat, array $assessed, array $more = []): ?OrderRequest
    {
        $request = $this->assembled($number, $draft, $boat, $assessed, false);
        $tasks = array_merge($more, ...array_map(static fn (DraftEngine $engine): array => $engine->tasks, $draft->engines));

        return null === $request ? null : RequestReader::read($request, $this->known($draft, $assessed), $this->book->readProcedures($tasks));
    }

    /**
     * @param list<EngineAssessment> $assessed
     *
     * @return array<string, mixed>|null
     */
    private function assembled(int $number, Draft $draft, Boat $boat, array $assessed, bool $whole): ?array
    {
        $engines = $parts = [];
        foreach ($draft->engines as $index => $drafted) {
            $assessment = $assessed[$index];
            if (null !== $assessment->match->head) {
                $fills = $draft->fillsOf($drafted->engineId);
                $sheet = $whole || [] !== $fills ? array_reduce($fills, static fn (array $sheet, Fill $fill): array => $fill->into($sheet), $this->book->document($assessment->match->head)) : null;
                $engines[] = $this->engine($drafted, $assessment, $sheet);
                $parts = [...$parts, ...$assessment->sheet?->partNumbers() ?? [], ...array_map(static fn (Fill $fill): mixed => $fill->content['part'] ?? null, $fills)];
            }
        }

        $air = ['coldest' => $draft->coldestC, 'warmest' => $draft->warmestC];
        $numbers = array_values(array_filter($parts, \is_string(...)));

        return [] === $engines ? null : [
            ...$this->around((string) $number, $draft->place, $air, $engines, $numbers, $draft, $whole),
            'sharedLockout' => $boat->use->sharedLockout,
        ];
    }

    /**
     * The sheets of `request()` that were read already, by the place of their engine in it.
     *
     * @param list<EngineAssessment> $assessed
     *
     * @return array<int, SpecSheet>
     */
    private function known(Draft $draft, array $assessed): array
    {
        $known = [];
        $place = 0;
        foreach ($assessed as $assessment) {
            if (null !== $assessment->sheet) {
                if ([] === $draft->fillsOf($assessment->engine->id)) {
                    $known[$place] = $assessment->sheet;
                }
                ++$place;
            }
        }

        return $known;
    }

    /**
     * What the tasks would take on one engine of a model whose serial number nobody has read yet.
     *
     * @param list<Task>                        $tasks
     * @param array{coldest: int, warmest: int} $air
     *
     * @return array<string, mixed>
     */
    public function quote(SheetHead $head, string $model, array $tasks, Place $place, array $air): array
    {
        $engine = [
            'position' => Position::Single->value,
            'model' => $model,
            'serial' => 'to confirm',
            'hours' => null,
            'arrival' => null,
            'tasks' => array_map(static fn (Task $task): array => ['task' => $task->value, 'reason' => 'Asked for by telephone.'], $tasks),
            'sheet' => $this->book->document($head),
        ];

        return $this->around('quote', $place, $air, [$engine], $this->book->sheet($head)->partNumbers());
    }

    /**
     * @param array{coldest: int, warmest: int} $air
     * @param list<array<string, mixed>>        $engines
     * @param list<string>                      $parts   numbers that may be needed
     *
     * @return array<string, mixed>
     */
    private function around(string $order, Place $place, array $air, array $engines, array $parts, ?Draft $draft = null, bool $whole = true): array
    {
        return [
            'format' => RequestReader::FORMAT,
            'order' => $order,
            'day' => ($this->today)()->format('Y-m-d'),
            'place' => $place->value,
            'air' => $air,
            'policy' => $this->settings->orderPolicy(),
            'shelf' => $this->stock->oils(),
            'catalogue' => $this->stock->parts($parts),
            'technicians' => $draft->technicians ?? 1,
            'kits' => $draft->kits ?? [],
            'wrenches' => array_map(static fn (TorqueWrench $wrench): array => ['id' => $wrench->id, 'fullScale' => ['value' => $wrench->fullScale->given, 'unit' => $wrench->fullScale->unit->value], 'calibratedOn' => $wrench->calibratedOn->format('Y-m-d')], $this->settings->torqueWrenches()),
            'allowance' => null === $draft?->allowance ? null : ['minutes' => $draft->allowance->minutes->count, 'reason' => $draft->allowance->reason],
            'byHand' => ByHandDocument::of($draft->byHand ?? new ByHand()),
            'engines' => $engines,
            'procedures' => $whole ? $this->book->procedures() : null,
        ];
    }

    /**
     * @param array<mixed>|null $sheet null: it was read already
     *
     * @return array<string, mixed>
     */
    private function engine(DraftEngine $drafted, EngineAssessment $assessment, ?array $sheet): array
    {
        return [
            'position' => $assessment->engine->position?->value,
            'model' => $drafted->model,
            'serial' => $drafted->serial,
            'hours' => $drafted->hours,
            'arrival' => null === $drafted->reading ? null : ['reading' => $drafted->reading, 'restMin' => $drafted->restMin, 'decision' => $drafted->decision],
            'tasks' => array_map(static fn (Task $task): array => ['task' => $task->value, 'reason' => $assessment->due($task)?->why() ?? 'Picked at the counter.'], $drafted->tasks),
            'sheet' => $sheet,
        ];
    }
}
