<?php

declare(strict_types=1);

namespace FreshTack\Shop\Book;

use FreshTack\Core\Fluid\AirRange;
use FreshTack\Core\Order\OrderBuilder;
use FreshTack\Core\Order\Place;
use FreshTack\Core\Plan\CannotPlan;
use FreshTack\Core\Plan\GateBroken;
use FreshTack\Core\Reading\InvalidDocument;
use FreshTack\Core\SpecBook\Cycle;
use FreshTack\Core\SpecBook\SheetHead;
use FreshTack\Core\SpecBook\SheetStatus;
use FreshTack\Core\SpecBook\Task;
use FreshTack\Exchange\WorkOrderDocument;
use FreshTack\Shop\Order\RequestAssembler;

/** A quote by model, for the telephone: every sheet that the serial number may turn out to pick. Never an order. */
final readonly class QuoteModel
{
    public function __construct(private SpecBook $book, private RequestAssembler $assembler, private OrderBuilder $builder)
    {
    }

    /**
     * @param list<Task> $tasks
     *
     * @return list<QuoteSide> by the serial numbers that they are for
     *
     * @throws InvalidDocument|GateBroken|CannotPlan if the book knows no such model, or no sheet for it
     */
    public function __invoke(string $code, array $tasks, Place $place, AirRange $air): array
    {
        $model = $this->book->model($code) ?? throw InvalidDocument::at('/model', \sprintf('The book knows no model %s.', $code));
        if (Cycle::FourStroke !== $model->cycle) {
            throw InvalidDocument::at('/model', \sprintf('%s is a %s engine: this shop\'s periodic orders are for four-strokes only.', $code, $model->cycle->label()));
        }
        $heads = array_values(array_filter($this->book->heads(), static fn (SheetHead $head): bool => SheetStatus::Published === $head->status && \in_array($code, $head->models, true)));
        if ([] === $heads) {
            throw InvalidDocument::at('/model', \sprintf('The book has no published sheet for the %s. A neighbouring model is not used in its place.', $code));
        }
        usort($heads, static fn (SheetHead $a, SheetHead $b): int => [$a->ranges[0]->prefix ?? '', $a->ranges[0]->from ?? 0, $a->id] <=> [$b->ranges[0]->prefix ?? '', $b->ranges[0]->from ?? 0, $b->id]);
        $sides = [];
        foreach ($heads as $head) {
            $known = $this->book->sheet($head)->tasks();
            $picked = array_values(array_filter($tasks, static fn (Task $task): bool => \in_array($task, $known, true)));
            $order = $this->builder->build($this->assembler->quote($head, $code, $picked, $place, $air));
            $sides[] = new QuoteSide($head, WorkOrderDocument::of($order));
        }

        return $sides;
    }
}
