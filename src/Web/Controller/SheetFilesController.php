<?php

declare(strict_types=1);

namespace FreshTack\Web\Controller;

use FreshTack\Core\ExpectedError;
use FreshTack\Exchange\BookExample;
use FreshTack\Exchange\ScheduleCsv;
use FreshTack\Exchange\SheetDocument;
use FreshTack\Shop\Book\CompareRevisions;
use FreshTack\Shop\Book\ExportBook;
use FreshTack\Shop\Book\FlagOrders;
use FreshTack\Shop\Book\Revisions;
use FreshTack\Shop\Book\ShowRanges;
use FreshTack\Shop\Book\TryOutSheet;
use FreshTack\Web\Http\Download;
use FreshTack\Web\View\BookView;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;

/** What is read off sheets: two revisions side by side, what publishing would do, and the files to take away. */
#[AsController]
#[IsGranted('ROLE_STAFF')]
final readonly class SheetFilesController
{
    private const ONE = '/api/book/sheets/{id<[a-z0-9-]+>}/{revision<\d+>}';

    public function __construct(
        private Revisions $revisions,
        private CompareRevisions $compare,
        private ShowRanges $ranges,
        private FlagOrders $flags,
        private ExportBook $export,
        private TryOutSheet $tryOut,
        private BookExample $example,
    ) {
    }

    /** @throws ExpectedError */
    #[Route('/api/book/sheets/{id<[a-z0-9-]+>}/comparison', name: 'compare_revisions', methods: ['GET'])]
    public function compare(string $id, Request $request): JsonResponse
    {
        $differences = ($this->compare)($id, $request->query->getInt('older'), $request->query->getInt('newer'));

        return new JsonResponse(['differences' => array_map(BookView::difference(...), $differences)]);
    }

    /** @throws ExpectedError */
    #[Route(self::ONE.'/publication', name: 'publication', methods: ['GET'])]
    public function publication(string $id, int $revision): JsonResponse
    {
        $file = $this->revisions->get($id, $revision);

        return new JsonResponse([
            'ranges' => BookView::ranges($this->ranges->ifPublished($file->head)),
            'orders' => array_map(BookView::flag(...), $this->flags->affected($file)),
            'tried' => array_map(BookView::tried(...), ($this->tryOut)($file)),
        ]);
    }

    /** @throws ExpectedError */
    #[Route(self::ONE.'/document.json', name: 'sheet_document', methods: ['GET'])]
    public function document(string $id, int $revision): Response
    {
        return Download::of(SheetDocument::text($this->revisions->get($id, $revision)->document), 'application/json', "$id.r$revision.json");
    }

    /** @throws ExpectedError */
    #[Route(self::ONE.'/schedule.csv', name: 'sheet_schedule', methods: ['GET'])]
    public function schedule(string $id, int $revision): Response
    {
        return Download::of(ScheduleCsv::write($this->revisions->resolved($id, $revision)), 'text/csv', "$id.r$revision-schedule.csv");
    }

    #[Route('/api/book/archive.zip', name: 'book_archive', methods: ['GET'])]
    public function archive(): Response
    {
        return Download::of(($this->export)(), 'application/zip', 'spec-book.zip');
    }

    #[Route('/api/book/example.zip', name: 'book_example', methods: ['GET'])]
    public function example(): Response
    {
        return Download::of($this->example->archive(), 'application/zip', 'spec-book-example.zip');
    }
}
