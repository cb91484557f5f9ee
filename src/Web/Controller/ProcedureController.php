<?php

declare(strict_types=1);

namespace FreshTack\Web\Controller;

use FreshTack\Core\ExpectedError;
use FreshTack\Core\Procedure\Procedure;
use FreshTack\Shop\Book\InstallProcedures;
use FreshTack\Shop\Book\PreviewProcedure;
use FreshTack\Shop\Book\ProcedureOrigin;
use FreshTack\Web\Http\Once;
use FreshTack\Web\Security\SignedIn;
use FreshTack\Web\View\ProcedureView;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Security\Http\Attribute\IsGranted;

#[AsController]
#[IsGranted('ROLE_STAFF')]
final readonly class ProcedureController
{
    public function __construct(private PreviewProcedure $preview, private InstallProcedures $install)
    {
    }

    /** @throws ExpectedError */
    #[Route('/api/procedures', name: 'procedures', methods: ['GET'])]
    public function all(): JsonResponse
    {
        $origins = $this->install->origins();

        return new JsonResponse(['procedures' => array_map(
            static fn (Procedure $procedure): array => [
                ...ProcedureView::line($procedure),
                'origin' => ($origins[$procedure->id] ?? ProcedureOrigin::Shop)->value,
            ],
            $this->preview->all(),
        )]);
    }

    /** @throws ExpectedError */
    #[Route('/api/procedures/{id<[a-z0-9-]+>}/preview', name: 'procedure_preview', methods: ['GET'])]
    public function preview(string $id, Request $request): JsonResponse
    {
        $procedure = $request->query->getBoolean('ofProgram') ? $this->install->ofProgram($id) : null;

        return new JsonResponse(ProcedureView::preview(($this->preview)(
            $id,
            $request->query->getString('sheet'),
            $request->query->getInt('revision'),
            $procedure,
        )));
    }

    /** @throws ExpectedError */
    #[Route('/api/procedures/{id<[a-z0-9-]+>}/of-program', name: 'procedure_of_program', methods: ['POST'])]
    #[Once]
    #[IsGranted('ROLE_MANAGER')]
    public function back(string $id, #[CurrentUser] SignedIn $user): JsonResponse
    {
        $this->install->back($id, $user->account);

        return $this->all();
    }
}
