<?php

declare(strict_types=1);

namespace FreshTack\Web\Controller;

use FreshTack\Core\ExpectedError;
use FreshTack\Core\Reading\Cursor;
use FreshTack\Core\SpecBook\ModelReader;
use FreshTack\Shop\Book\AddModel;
use FreshTack\Shop\Book\ShowBook;
use FreshTack\Web\Http\Body;
use FreshTack\Web\Http\Once;
use FreshTack\Web\Security\SignedIn;
use FreshTack\Web\View\BookView;
use FreshTack\Web\View\FieldsView;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Security\Http\Attribute\IsGranted;

#[AsController]
#[IsGranted('ROLE_STAFF')]
final readonly class BookController
{
    public function __construct(private ShowBook $show, private AddModel $add)
    {
    }

    #[Route('/api/book', name: 'book', methods: ['GET'])]
    public function show(Request $request): JsonResponse
    {
        return new JsonResponse(BookView::of(($this->show)($request->query->getString('q'))));
    }

    #[Route('/api/book/fields', name: 'book_fields', methods: ['GET'])]
    public function fields(): JsonResponse
    {
        return new JsonResponse(FieldsView::all());
    }

    /** @throws ExpectedError */
    #[Route('/api/book/models', name: 'add_model', methods: ['POST'])]
    #[Once]
    #[IsGranted('ROLE_MANAGER')]
    public function addModel(Request $request, #[CurrentUser] SignedIn $user): Response
    {
        $model = Body::read($request, static fn (Cursor $body) => ModelReader::at($body));
        if (null !== $model) {
            ($this->add)($model, $user->account);
        }

        return new Response(status: Response::HTTP_NO_CONTENT);
    }
}
