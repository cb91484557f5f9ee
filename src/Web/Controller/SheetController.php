<?php

declare(strict_types=1);

namespace FreshTack\Web\Controller;

use FreshTack\Core\ExpectedError;
use FreshTack\Core\Reading\Cursor;
use FreshTack\Core\SpecBook\SheetStatus;
use FreshTack\Shop\Book\EditSheet;
use FreshTack\Shop\Book\ListHoles;
use FreshTack\Shop\Book\MoveSheet;
use FreshTack\Shop\Book\NewSheet;
use FreshTack\Shop\Book\RemoveDraft;
use FreshTack\Shop\Book\Revision;
use FreshTack\Shop\Book\Revisions;
use FreshTack\Shop\Book\SheetChange;
use FreshTack\Shop\Book\StartSheet;
use FreshTack\Web\Http\Body;
use FreshTack\Web\Http\Once;
use FreshTack\Web\Security\SignedIn;
use FreshTack\Web\View\SheetView;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Security\Http\Attribute\IsGranted;

#[AsController]
#[IsGranted('ROLE_STAFF')]
final readonly class SheetController
{
    private const ONE = '/api/book/sheets/{id<[a-z0-9-]+>}/{revision<\d+>}';

    public function __construct(private Revisions $revisions, private ListHoles $holes, private EditSheet $edit, private StartSheet $start, private MoveSheet $move, private RemoveDraft $remove)
    {
    }

    /** @throws ExpectedError */
    #[Route(self::ONE, name: 'sheet', methods: ['GET'])]
    public function show(string $id, int $revision): JsonResponse
    {
        return $this->page($this->revisions->get($id, $revision));
    }

    /** @throws ExpectedError */
    #[Route(self::ONE, name: 'edit_sheet', methods: ['PUT'])]
    #[IsGranted('ROLE_MANAGER')]
    public function edit(string $id, int $revision, Request $request, #[CurrentUser] SignedIn $user): JsonResponse
    {
        [$version, $change] = Body::read($request, static fn (Cursor $body): array => [$body->at('version')->int(1, \PHP_INT_MAX), SheetChange::at($body)]);

        return $this->page(($this->edit)($id, $revision, $version, $change, $user->account));
    }

    /** @throws ExpectedError */
    #[Route(self::ONE, name: 'remove_draft', methods: ['DELETE'])]
    #[IsGranted('ROLE_MANAGER')]
    public function remove(string $id, int $revision, Request $request, #[CurrentUser] SignedIn $user): Response
    {
        ($this->remove)($id, $revision, $request->query->getInt('version'), $user->account);

        return new Response(status: Response::HTTP_NO_CONTENT);
    }

    /** @throws ExpectedError */
    #[Route(self::ONE.'/status', name: 'move_sheet', methods: ['POST'])]
    #[Once]
    #[IsGranted('ROLE_MANAGER')]
    public function move(string $id, int $revision, Request $request, #[CurrentUser] SignedIn $user): JsonResponse
    {
        [$version, $to, $reason] = Body::read($request, static fn (Cursor $body): array => [$body->at('version')->int(1, \PHP_INT_MAX), $body->at('to')->enum(SheetStatus::class), $body->at('reason')->optionalString(300) ?? '']);

        return $this->page(($this->move)($id, $revision, $version, $to, $reason, $user->account));
    }

    /** @throws ExpectedError */
    #[Route('/api/book/sheets/{id<[a-z0-9-]+>}/revisions', name: 'start_revision', methods: ['POST'])]
    #[Once]
    #[IsGranted('ROLE_MANAGER')]
    public function startRevision(string $id, #[CurrentUser] SignedIn $user): JsonResponse
    {
        return $this->page($this->start->revision($id, $user->account), Response::HTTP_CREATED);
    }

    /** @throws ExpectedError */
    #[Route('/api/book/sheets', name: 'start_sheet', methods: ['POST'])]
    #[Once]
    #[IsGranted('ROLE_MANAGER')]
    public function startSheet(Request $request, #[CurrentUser] SignedIn $user): JsonResponse
    {
        $new = Body::read($request, NewSheet::at(...));

        return $this->page($this->start->sheet($new, $user->account), Response::HTTP_CREATED);
    }

    /** @throws ExpectedError */
    private function page(Revision $revision, int $status = Response::HTTP_OK): JsonResponse
    {
        $sheet = $this->revisions->resolved($revision->head->id, $revision->head->revision);

        return new JsonResponse(SheetView::page($revision, $sheet, $this->revisions->of($revision->head->id), $revision->head->isFamily() ? [] : $this->holes->of($sheet)), $status);
    }
}
