<?php

declare(strict_types=1);

namespace FreshTack\Web\Controller;

use FreshTack\Core\ExpectedError;
use FreshTack\Shop\Board\ShowEngineLog;
use FreshTack\Web\View\EngineLogView;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;

#[AsController]
#[IsGranted('ROLE_STAFF')]
final readonly class EngineLogController
{
    public function __construct(private ShowEngineLog $show)
    {
    }

    /** @throws ExpectedError */
    #[Route('/api/engines/{id<\d+>}/log', name: 'engine_log', methods: ['GET'])]
    public function __invoke(int $id): JsonResponse
    {
        return new JsonResponse(EngineLogView::of(($this->show)($id)));
    }
}
