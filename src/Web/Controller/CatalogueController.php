<?php

declare(strict_types=1);

namespace FreshTack\Web\Controller;

use FreshTack\Core\ExpectedError;
use FreshTack\Core\Parts\CataloguePart;
use FreshTack\Core\Parts\PartReader;
use FreshTack\Core\Reading\Cursor;
use FreshTack\Exchange\PartsCsv;
use FreshTack\Shop\Parts\Catalogue;
use FreshTack\Shop\Parts\ImportParts;
use FreshTack\Shop\Parts\SavePart;
use FreshTack\Web\Http\Body;
use FreshTack\Web\Http\Download;
use FreshTack\Web\Http\Once;
use FreshTack\Web\Http\SessionLock;
use FreshTack\Web\Http\Upload;
use FreshTack\Web\Security\SignedIn;
use FreshTack\Web\View\PartView;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Security\Http\Attribute\IsGranted;

#[AsController]
#[IsGranted('ROLE_STAFF')]
final readonly class CatalogueController
{
    private const MOST = 100;

    public function __construct(private Catalogue $catalogue, private SavePart $save, private ImportParts $import)
    {
    }

    #[Route('/api/catalogue', name: 'catalogue', methods: ['GET'])]
    public function search(Request $request): JsonResponse
    {
        return new JsonResponse(['parts' => array_map(PartView::line(...), $this->catalogue->search($request->query->getString('q'), self::MOST)), 'most' => self::MOST]);
    }

    /** @throws ExpectedError */
    #[Route('/api/catalogue/part', name: 'catalogue_part', methods: ['GET'])]
    public function part(Request $request): JsonResponse
    {
        return $this->page($request->query->getString('number'));
    }

    /** @throws ExpectedError */
    #[Route('/api/catalogue/part', name: 'save_part', methods: ['PUT'])]
    #[Once]
    #[IsGranted('ROLE_PARTS')]
    public function save(Request $request, #[CurrentUser] SignedIn $user): JsonResponse
    {
        [$version, $part] = Body::read($request, static function (Cursor $body): array {
            $body->knowsOnly('version', 'part');
            $read = [$body->at('version')->optionalInt(1, \PHP_INT_MAX), PartReader::at($body->at('part'))];
            $body->needs('version');
            $body->at('part')->needs('supersededBy', 'kit', 'onOrder', 'arrivesOn', 'substituteFor');

            return $read;
        });
        ($this->save)($part, $version, $user->account);

        return $this->page($part->number);
    }

    #[Route('/api/catalogue/parts.csv', name: 'catalogue_csv', methods: ['GET'])]
    public function csv(): Response
    {
        return Download::of(PartsCsv::write(array_values($this->catalogue->all())), 'text/csv', 'parts.csv');
    }

    /** @throws ExpectedError */
    #[Route('/api/catalogue/imports', name: 'import_parts', methods: ['POST'])]
    #[Once]
    #[IsGranted('ROLE_PARTS')]
    public function import(Request $request, #[CurrentUser] SignedIn $user): JsonResponse
    {
        SessionLock::release($request);
        $csv = Upload::bytes($request);

        return new JsonResponse(PartView::import($request->query->getBoolean('apply') ? $this->import->apply($csv, $request->query->getString('token'), $user->account) : $this->import->preview($csv)));
    }

    /** @throws ExpectedError */
    private function page(string $number): JsonResponse
    {
        $part = $this->catalogue->get($number);

        return new JsonResponse([
            'part' => PartView::line($part),
            'version' => $this->catalogue->version($number),
            'chain' => array_map(static fn (CataloguePart $each): array => PartView::line($each), $this->catalogue->chain($number)),
            'kits' => array_map(static fn (CataloguePart $each): array => PartView::line($each), $this->catalogue->kitsWith($number)),
        ]);
    }
}
