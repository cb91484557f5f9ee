<?php

declare(strict_types=1);

namespace FreshTack\Web\Controller;

use FreshTack\Core\Parts\CataloguePart;
use FreshTack\Shop\Board\SearchShop;
use FreshTack\Web\View\BoatView;
use FreshTack\Web\View\EngineView;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;

#[AsController]
#[IsGranted('ROLE_STAFF')]
final readonly class SearchController
{
    public function __construct(private SearchShop $search)
    {
    }

    #[Route('/api/search', name: 'search', methods: ['GET'])]
    public function __invoke(Request $request): JsonResponse
    {
        $found = ($this->search)($request->query->getString('q'));

        return new JsonResponse([
            'boats' => array_map(BoatView::hit(...), $found->boats),
            'orders' => $found->orders,
            'customers' => array_map(BoatView::customer(...), $found->customers),
            'engines' => array_map(EngineView::identity(...), $found->engines),
            'parts' => array_map(static fn (CataloguePart $part): array => [
                'number' => $part->number,
                'description' => $part->description,
                'bin' => $part->bin,
                'inStock' => $part->inStock,
            ], $found->parts),
            'more' => $found->more,
        ]);
    }
}
