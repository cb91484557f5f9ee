<?php

declare(strict_types=1);

namespace FreshTack\Web\Controller;

use FreshTack\Shop\Board\ShowPickLists;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;

#[AsController]
#[IsGranted('ROLE_STAFF')]
final readonly class PickListsController
{
    public function __construct(private ShowPickLists $lists)
    {
    }

    #[Route('/api/pick-lists', name: 'pick_lists', methods: ['GET'])]
    public function __invoke(): JsonResponse
    {
        return new JsonResponse(['orders' => ($this->lists)()]);
    }
}
