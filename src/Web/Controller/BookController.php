<?php

declare(strict_types=1);

namespace FreshTack\Web\Controller;

use FreshTack\Shop\Book\ListHoles;
use FreshTack\Shop\Book\Refusals;
use FreshTack\Shop\Book\SpecBook;
use FreshTack\Web\View\BookView;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;

#[AsController]
#[IsGranted('ROLE_STAFF')]
final readonly class BookController
{
    public function __construct(private SpecBook $book, private Refusals $refusals, private ListHoles $holes)
    {
    }

    #[Route('/api/book', name: 'book', methods: ['GET'])]
    public function __invoke(): JsonResponse
    {
        return new JsonResponse(BookView::of($this->book->sheets(), $this->refusals->waiting(), ($this->holes)()));
    }
}
