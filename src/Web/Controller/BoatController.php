<?php

declare(strict_types=1);

namespace FreshTack\Web\Controller;

use FreshTack\Core\ExpectedError;
use FreshTack\Shop\Board\ShowBoats;
use FreshTack\Shop\Order\Orders;
use FreshTack\Web\View\BoatView;
use FreshTack\Web\View\OrderFileView;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;

#[AsController]
#[IsGranted('ROLE_STAFF')]
final readonly class BoatController
{
    public function __construct(private ShowBoats $boats, private Orders $orders)
    {
    }

    /** @throws ExpectedError */
    #[Route('/api/boats/{id<\d+>}', name: 'boat', methods: ['GET'])]
    public function __invoke(int $id): JsonResponse
    {
        return new JsonResponse([...BoatView::state($this->boats->one($id)), 'orders' => array_map(OrderFileView::file(...), $this->orders->ofBoat($id))]);
    }
}
