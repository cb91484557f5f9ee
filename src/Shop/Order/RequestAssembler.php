<?php

declare(strict_types=1);

namespace FreshTack\Shop\Order;

use FreshTack\Core\Fluid\AirRange;
use FreshTack\Core\Order\EngineRequest;
use FreshTack\Core\Order\OrderRequest;
use FreshTack\Core\Order\PickedTask;
use FreshTack\Core\Order\Place;
use FreshTack\Core\Order\Supplies;
use FreshTack\Core\Order\Visit;
use FreshTack\Core\Order\Wishes;
use FreshTack\Core\Plan\Position;
use FreshTack\Core\Quantity\EngineHours;
use FreshTack\Core\Quantity\InvalidQuantity;
use FreshTack\Core\Reading\InvalidDocument;
use FreshTack\Core\SpecBook\SheetHead;
use FreshTack\Core\SpecBook\SheetReader;
use FreshTack\Core\SpecBook\SpecSheet;
use FreshTack\Core\SpecBook\Task;
use FreshTack\Core\Usage\HourReading;
use FreshTack\Exchange\OrderRequestDocument;
use FreshTack\Shop\Board\AssessEngine;
use FreshTack\Shop\Board\EngineAssessment;
use FreshTack\Shop\Book\SpecBook;
use FreshTack\Shop\NotFound;
use FreshTack\Shop\Register\Boat;
use FreshTack\Shop\Register\Engine;
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

        $engines = array_map(
            static fn (DraftEngine $drafted): Engine => ($boat->engine($drafted->engineId) ?? throw NotFound::engine($drafted->engineId))
                ->identifiedAs($drafted->plate(), null !== $drafted->hours),
            $draft->engines,
        );
        $this->assess->ahead(...$engines);

        return array_map(function (DraftEngine $drafted, Engine $engine) use ($boat, $histories, $more): EngineAssessment {
            $history = $histories[$engine->id];
            $reading = null === $drafted->hours ? null : new HourReading(($this->today)(), EngineHours::of($drafted->hours), $history->hours->latest()->offsetTenths ?? 0);

            return ($this->assess)($engine, $boat, $history, $reading, null === $more ? null : [...$drafted->tasks, ...$more]);
        }, $draft->engines, $engines);
    }

    /**
     * The request with the engines that have a sheet, and with only the procedures it needs; null if none has a sheet.
     *
     * @param list<EngineAssessment> $assessed
     * @param list<Task>             $more     tasks that are not picked and may be asked about
     *
     * @throws InvalidDocument if the shop's settings or a filled hole can't be used
     * @throws InvalidQuantity if the draft's figures can't be read
     */
    public function request(int $number, Draft $draft, Boat $boat, array $assessed, array $more = []): ?OrderRequest
    {
        $engines = [];
        foreach ($draft->engines as $index => $drafted) {
            $sheet = $this->sheet($draft, $assessed[$index]);
            if (null !== $sheet) {
                $engines[] = self::engine($drafted, $assessed[$index], $boat->beside($sheet, $assessed[$index]->engine));
            }
        }
        if ([] === $engines) {
            return null;
        }
        $tasks = array_merge($more, ...array_map(static fn (DraftEngine $engine): array => $engine->tasks, $draft->engines));

        return new OrderRequest(
            new Visit((string) $number, ($this->today)(), $draft->place, $draft->air(), $boat->use->sharedLockout, $boat->use->separators),
            $this->settings->orderPolicy(),
            $this->supplies($engines),
            $engines,
            $this->book->readProcedures($tasks),
            new Wishes($draft->technicians, $draft->kits, $draft->allowance, $draft->byHand),
        );
    }

    /**
     * The request as it is kept with an order: with its sheets and the procedures of the whole book.
     *
     * @param list<EngineAssessment> $assessed those that the request was made of
     *
     * @return array<string, mixed>
     */
    public function document(OrderRequest $request, Draft $draft, array $assessed): array
    {
        $sheets = array_map(fn (EngineAssessment $each): ?array => $this->sheetDocument($draft, $each), $assessed);

        return OrderRequestDocument::of($request, array_values(array_filter($sheets, \is_array(...))), $this->book->procedures());
    }

    /**
     * What the tasks would take on one engine of a model whose serial number nobody has read yet.
     *
     * @param list<Task> $tasks
     *
     * @throws InvalidDocument if the shop's settings can't be used
     */
    public function quote(SheetHead $head, string $model, array $tasks, Place $place, AirRange $air): OrderRequest
    {
        $picked = array_map(static fn (Task $task): PickedTask => new PickedTask($task, 'Asked for by telephone.'), $tasks);
        $engines = [new EngineRequest(Position::Single, $model, 'to confirm', null, null, $picked, $this->book->sheet($head))];

        return new OrderRequest(
            new Visit('quote', ($this->today)(), $place, $air),
            $this->settings->orderPolicy(),
            $this->supplies($engines),
            $engines,
            $this->book->readProcedures($tasks),
        );
    }

    /** @param non-empty-list<EngineRequest> $engines */
    private function supplies(array $engines): Supplies
    {
        $parts = array_merge(...array_map(static fn (EngineRequest $engine): array => $engine->sheet->partNumbers(), $engines));

        return new Supplies($this->stock->oils(), $this->stock->parts($parts), $this->settings->torqueWrenches());
    }

    /** @throws InvalidDocument if a filled hole can't be used */
    private function sheet(Draft $draft, EngineAssessment $assessment): ?SpecSheet
    {
        $filled = [] === $draft->fillsOf($assessment->engine->id) ? null : $this->sheetDocument($draft, $assessment);

        return null === $filled ? $assessment->sheet : SheetReader::read($filled);
    }

    /** @return array<mixed>|null with what was filled in for this order */
    private function sheetDocument(Draft $draft, EngineAssessment $assessment): ?array
    {
        return null === $assessment->sheet ? null : array_reduce(
            $draft->fillsOf($assessment->engine->id),
            static fn (array $sheet, Fill $fill): array => $fill->into($sheet),
            $this->book->document($assessment->sheet->head),
        );
    }

    /** @throws InvalidQuantity */
    private static function engine(DraftEngine $drafted, EngineAssessment $assessment, SpecSheet $sheet): EngineRequest
    {
        return new EngineRequest(
            $assessment->engine->position ?? throw new \LogicException('An engine of a boat has its position.'),
            $drafted->model,
            $drafted->serial,
            null === $drafted->hours ? null : EngineHours::of($drafted->hours),
            $drafted->arrival(),
            array_map(
                static fn (Task $task): PickedTask => new PickedTask(
                    $task,
                    $assessment->due($task)?->why() ?? 'Picked at the counter.',
                    \in_array($task, $drafted->renew, true),
                ),
                $drafted->tasks,
            ),
            $sheet,
        );
    }
}
