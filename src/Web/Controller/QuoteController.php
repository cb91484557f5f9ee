<?php

declare(strict_types=1);

namespace FreshTack\Web\Controller;

use FreshTack\Core\ExpectedError;
use FreshTack\Core\Fluid\AirRange;
use FreshTack\Core\Order\Place;
use FreshTack\Core\Quantity\Temperature;
use FreshTack\Core\Reading\Cursor;
use FreshTack\Core\SpecBook\Task;
use FreshTack\Shop\Book\QuoteModel;
use FreshTack\Shop\Book\QuoteSide;
use FreshTack\Shop\Book\SpecBook;
use FreshTack\Web\Http\Body;
use FreshTack\Web\View\SheetView;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;

/** A quote by model, for the telephone; nothing is kept of it. */
#[AsController]
#[IsGranted('ROLE_WRITER')]
final readonly class QuoteController
{
    public function __construct(private QuoteModel $quote, private SpecBook $book)
    {
    }

    #[Route('/api/quotes', name: 'quote_form', methods: ['GET'])]
    public function form(): JsonResponse
    {
        return new JsonResponse([
            'models' => array_map(static fn ($model): array => ['code' => $model->code, 'maker' => $model->maker], $this->book->models()),
            'tasks' => array_map(static fn (Task $task): array => ['task' => $task->value, 'title' => $task->title()], $this->book->tasks()),
        ]);
    }

    private static function air(Cursor $body): ?AirRange
    {
        [$coldest, $warmest] = [$body->at('coldestC')->int(-60, 60), $body->at('warmestC')->int(-60, 60)];

        return $body->at('warmestC')->attempt(
            static fn (): AirRange => AirRange::of(Temperature::ofCelsius($coldest), Temperature::ofCelsius($warmest)),
        );
    }

    /** @throws ExpectedError */
    #[Route('/api/quotes', name: 'quote', methods: ['POST'])]
    public function quote(Request $request): JsonResponse
    {
        [$model, $tasks, $place, $air] = Body::read($request, static fn (Cursor $body): array => [
            $body->at('model')->string(20),
            array_map(static fn (Cursor $task): Task => $task->enum(Task::class), $body->at('tasks')->list(1, 20)),
            $body->at('place')->enum(Place::class),
            self::air($body),
        ]);
        null !== $air || throw new \LogicException('Flaws are thrown before.');

        return new JsonResponse(['sides' => array_map(static fn (QuoteSide $side): array => ['sheet' => SheetView::head($side->head), 'work' => $side->work], ($this->quote)($model, $tasks, $place, $air))]);
    }
}
