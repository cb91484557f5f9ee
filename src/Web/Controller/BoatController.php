<?php

declare(strict_types=1);

namespace FreshTack\Web\Controller;

use FreshTack\Core\ExpectedError;
use FreshTack\Core\Reading\Cursor;
use FreshTack\Shop\Board\ShowBoatPage;
use FreshTack\Shop\Register\Boat;
use FreshTack\Shop\Register\KeepBoat;
use FreshTack\Shop\Register\Register;
use FreshTack\Web\Http\Body;
use FreshTack\Web\Http\Once;
use FreshTack\Web\Http\RegisterBody;
use FreshTack\Web\Security\SignedIn;
use FreshTack\Web\View\BoatView;
use Symfony\Bundle\SecurityBundle\Security;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Security\Http\Attribute\IsGranted;

#[AsController]
#[IsGranted('ROLE_STAFF')]
final readonly class BoatController
{
    private const PAGE = 40;

    public function __construct(private ShowBoatPage $page, private Register $register, private KeepBoat $keep, private Security $security)
    {
    }

    #[Route('/api/boats', name: 'boats', methods: ['GET'])]
    public function list(Request $request): JsonResponse
    {
        $boats = $this->register->boatsAfter($request->query->getString('after'), $request->query->getInt('afterId'), self::PAGE + 1);

        return new JsonResponse(['boats' => array_map(BoatView::hit(...), \array_slice($boats, 0, self::PAGE)), 'more' => \count($boats) > self::PAGE]);
    }

    /** @throws ExpectedError */
    #[Route('/api/boats/{id<\d+>}', name: 'boat', methods: ['GET'])]
    public function show(int $id): JsonResponse
    {
        return new JsonResponse(BoatView::page(($this->page)($id), $this->security->isGranted('ROLE_WRITER')));
    }

    /** @throws ExpectedError */
    #[Route('/api/boats', name: 'add_boat', methods: ['POST'])]
    #[Once]
    #[IsGranted('ROLE_WRITER')]
    public function add(Request $request, #[CurrentUser] SignedIn $user): JsonResponse
    {
        $boat = Body::read($request, static fn (Cursor $body): Boat => RegisterBody::boat(0, 1, $body));

        return new JsonResponse(BoatView::of($this->keep->add($boat, $user->account->username)), Response::HTTP_CREATED);
    }

    /** @throws ExpectedError */
    #[Route('/api/boats/{id<\d+>}', name: 'change_boat', methods: ['PUT'])]
    #[IsGranted('ROLE_WRITER')]
    public function change(int $id, Request $request, #[CurrentUser] SignedIn $user): JsonResponse
    {
        $boat = Body::read($request, static fn (Cursor $body): Boat => RegisterBody::boat($id, $body->at('version')->int(1, \PHP_INT_MAX), $body));

        return new JsonResponse(BoatView::of($this->keep->change($boat, $user->account->username)));
    }

    /** @throws ExpectedError */
    #[Route('/api/boats/{id<\d+>}', name: 'remove_boat', methods: ['DELETE'])]
    #[IsGranted('ROLE_WRITER')]
    public function remove(int $id, #[CurrentUser] SignedIn $user): Response
    {
        $this->keep->remove($id, $user->account->username);

        return new Response(status: Response::HTTP_NO_CONTENT);
    }
}
