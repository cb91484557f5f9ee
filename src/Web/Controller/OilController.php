<?php

declare(strict_types=1);

namespace FreshTack\Web\Controller;

use FreshTack\Core\ExpectedError;
use FreshTack\Core\Order\ShelfOil;
use FreshTack\Core\Reading\Cursor;
use FreshTack\Exchange\ShelfOilDocument;
use FreshTack\Shop\Stock\KeepOil;
use FreshTack\Shop\Stock\KeptOil;
use FreshTack\Shop\Stock\OilReader;
use FreshTack\Shop\Stock\OilShelf;
use FreshTack\Web\Http\Body;
use FreshTack\Web\Http\Once;
use FreshTack\Web\Security\SignedIn;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Security\Http\Attribute\IsGranted;

/** Oils, lubricants and greases on the shelf, a row for each size of container. */
#[AsController]
#[IsGranted('ROLE_STAFF')]
final readonly class OilController
{
    public function __construct(private OilShelf $shelf, private KeepOil $keep)
    {
    }

    #[Route('/api/oils', name: 'oils', methods: ['GET'])]
    public function all(): JsonResponse
    {
        return new JsonResponse(['oils' => array_map(
            static fn (KeptOil $kept): array => [...ShelfOilDocument::of($kept->oil), 'version' => $kept->version],
            $this->shelf->kept(),
        )]);
    }

    /** @throws ExpectedError */
    #[Route('/api/oils', name: 'add_oil', methods: ['POST'])]
    #[Once]
    #[IsGranted('ROLE_PARTS')]
    public function add(Request $request, #[CurrentUser] SignedIn $user): JsonResponse
    {
        $oil = Body::read($request, static fn (Cursor $body): ShelfOil => self::oil($body));
        $this->keep->keep($oil, null, $user->account->username);

        return new JsonResponse($this->all()->getContent(), Response::HTTP_CREATED, [], true);
    }

    /** @throws ExpectedError */
    #[Route('/api/oils/{id<[a-z0-9-]+>}', name: 'change_oil', methods: ['PUT'])]
    #[IsGranted('ROLE_PARTS')]
    public function change(string $id, Request $request, #[CurrentUser] SignedIn $user): JsonResponse
    {
        [$oil, $version] = Body::read($request, static function (Cursor $body) use ($id): array {
            $body->knowsOnly('oil', 'version');

            return [self::oil($body->at('oil'), $id), $body->at('version')->int(1, \PHP_INT_MAX)];
        });
        $this->keep->keep($oil, $version, $user->account->username);

        return $this->all();
    }

    /** @throws ExpectedError */
    #[Route('/api/oils/{id<[a-z0-9-]+>}', name: 'remove_oil', methods: ['DELETE'])]
    #[IsGranted('ROLE_PARTS')]
    public function remove(string $id, Request $request, #[CurrentUser] SignedIn $user): JsonResponse
    {
        $this->keep->remove($id, $request->query->getInt('version'), $user->account->username);

        return $this->all();
    }

    private static function oil(Cursor $at, ?string $id = null): ShelfOil
    {
        $at->knowsOnly('product', 'grade', 'performanceClass', 'size', 'priceMinor', 'inStock', 'opened');
        $at->needs('inStock', 'opened');

        return OilReader::at($at, $id);
    }
}
