<?php

declare(strict_types=1);

namespace FreshTack\Web\Controller;

use FreshTack\Core\ExpectedError;
use FreshTack\Shop\Book\PreviewProcedure;
use FreshTack\Web\View\ProcedureView;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;

#[AsController]
#[IsGranted('ROLE_STAFF')]
final readonly class ProcedureController
{
    public function __construct(private PreviewProcedure $preview)
    {
    }

    /** @throws ExpectedError */
    #[Route('/api/procedures', name: 'procedures', methods: ['GET'])]
    public function all(): JsonResponse
    {
        return new JsonResponse(['procedures' => array_map(ProcedureView::line(...), $this->preview->all())]);
    }

    /** @throws ExpectedError */
    #[Route('/api/procedures/{id<[a-z0-9-]+>}/preview', name: 'procedure_preview', methods: ['GET'])]
    public function preview(string $id, Request $request): JsonResponse
    {
        return new JsonResponse(ProcedureView::preview(($this->preview)($id, $request->query->getString('sheet'), $request->query->getInt('revision'))));
    }
}
