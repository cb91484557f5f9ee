<?php

declare(strict_types=1);

namespace FreshTack\Web\Controller;

use FreshTack\Core\ExpectedError;
use FreshTack\Core\Reading\Cursor;
use FreshTack\Shop\Order\Draft;
use FreshTack\Shop\Order\DraftReader;
use FreshTack\Shop\Order\OfferTasks;
use FreshTack\Shop\Order\Orders;
use FreshTack\Shop\Order\TaskOffer;
use FreshTack\Web\Http\Body;
use FreshTack\Web\Http\SessionLock;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;

#[AsController]
#[IsGranted('ROLE_WRITER')]
final readonly class OfferController
{
    public function __construct(private OfferTasks $offer, private Orders $orders)
    {
    }

    /**
     * A request of its own, since it works the order out several times.
     *
     * @throws ExpectedError
     */
    #[Route('/api/orders/{number<\d+>}/offers', name: 'offers', methods: ['POST'])]
    public function __invoke(int $number, Request $request): JsonResponse
    {
        SessionLock::release($request);
        $draft = Body::read($request, static fn (Cursor $body): Draft => DraftReader::at($body));

        return new JsonResponse(['offers' => array_map(static fn (TaskOffer $offer): array => [
            'engineId' => $offer->engineId,
            'label' => $offer->offer->position->label(),
            'task' => $offer->offer->task->value,
            'title' => $offer->offer->task->title(),
            'nowMin' => $offer->offer->now->count,
            'aloneMin' => $offer->offer->alone->count,
            'expectedOn' => $offer->expectedOn?->format('Y-m-d'),
            'beforeNext' => $offer->beforeNext,
        ], ($this->offer)($this->orders->get($number), $draft))]);
    }
}
