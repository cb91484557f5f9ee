<?php

declare(strict_types=1);

namespace FreshTack\Web\Controller;

use FreshTack\Core\ExpectedError;
use FreshTack\Shop\Book\ImportBook;
use FreshTack\Shop\Book\ImportSchedule;
use FreshTack\Shop\Progress;
use FreshTack\Web\Http\Once;
use FreshTack\Web\Http\SessionLock;
use FreshTack\Web\Http\Upload;
use FreshTack\Web\Security\SignedIn;
use FreshTack\Web\View\BookView;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Security\Http\Attribute\IsGranted;

/** Sheets and whole books from a file: first what would change, then all of it. Lets go of the session, so that progress can be asked meanwhile. */
#[AsController]
#[IsGranted('ROLE_STAFF')]
final readonly class BookImportController
{
    public function __construct(private ImportBook $import, private ImportSchedule $schedule, private Progress $progress)
    {
    }

    /** @throws ExpectedError */
    #[Route('/api/book/imports', name: 'import_book', methods: ['POST'])]
    #[Once]
    #[IsGranted('ROLE_MANAGER')]
    public function take(Request $request, #[CurrentUser] SignedIn $user): JsonResponse
    {
        SessionLock::release($request);
        $bytes = Upload::bytes($request);
        $changes = $request->query->getBoolean('apply') ? $this->import->apply($bytes, $request->query->getString('token'), $user->account) : $this->import->preview($bytes, $user->account);

        return new JsonResponse(['changes' => array_map(BookView::change(...), $changes)]);
    }

    /** @throws ExpectedError */
    #[Route('/api/book/sheets/{id<[a-z0-9-]+>}/{revision<\d+>}/schedule', name: 'import_schedule', methods: ['POST'])]
    #[Once]
    #[IsGranted('ROLE_MANAGER')]
    public function schedule(string $id, int $revision, Request $request, #[CurrentUser] SignedIn $user): Response
    {
        ($this->schedule)($id, $revision, $request->query->getInt('version'), Upload::bytes($request), $user->account);

        return new Response(status: Response::HTTP_NO_CONTENT);
    }

    #[Route('/api/progress/{token<[a-z0-9-]+>}', name: 'progress', methods: ['GET'])]
    public function progress(string $token): JsonResponse
    {
        return new JsonResponse(['progress' => $this->progress->of($token)]);
    }
}
