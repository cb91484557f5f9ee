<?php

declare(strict_types=1);

namespace FreshTack\Web\Controller;

use FreshTack\Shop\Board\ShowBoard;
use FreshTack\Web\View\BoardView;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;

#[AsController]
#[IsGranted('ROLE_STAFF')]
final readonly class BoardController
{
    public function __construct(private ShowBoard $board)
    {
    }

    #[Route('/api/board', name: 'board', methods: ['GET'])]
    public function __invoke(): JsonResponse
    {
        return new JsonResponse(BoardView::of(($this->board)()));
    }
}
