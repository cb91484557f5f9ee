<?php

declare(strict_types=1);

namespace FreshTack\Web\Controller;

use FreshTack\Core\ExpectedError;
use FreshTack\Core\Plan\Position;
use FreshTack\Core\Reading\Cursor;
use FreshTack\Shop\Book\IdentifyEngine;
use FreshTack\Shop\Register\Engine;
use FreshTack\Shop\Register\FitEngine;
use FreshTack\Shop\Register\KeepEngine;
use FreshTack\Shop\Register\Register;
use FreshTack\Web\Http\Body;
use FreshTack\Web\Http\Once;
use FreshTack\Web\Http\RegisterBody;
use FreshTack\Web\Security\SignedIn;
use FreshTack\Web\View\EngineView;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Security\Http\Attribute\IsGranted;

/** Engines: what they are, and what they hang on. */
#[AsController]
#[IsGranted('ROLE_STAFF')]
final readonly class EngineController
{
    public function __construct(private Register $register, private KeepEngine $keep, private FitEngine $fit, private IdentifyEngine $identify)
    {
    }

    #[Route('/api/engines', name: 'engines_in_store', methods: ['GET'])]
    public function inStore(): JsonResponse
    {
        return new JsonResponse(['engines' => array_map(EngineView::identity(...), $this->register->inStore())]);
    }

    /** @throws ExpectedError */
    #[Route('/api/engines', name: 'add_engine', methods: ['POST'])]
    #[Once]
    #[IsGranted('ROLE_WRITER')]
    public function add(Request $request, #[CurrentUser] SignedIn $user): JsonResponse
    {
        $engine = Body::read($request, static fn (Cursor $body): Engine => RegisterBody::engine(0, 1, $body));

        return new JsonResponse($this->told($this->keep->add($engine, $user->account->username)), Response::HTTP_CREATED);
    }

    /** @throws ExpectedError */
    #[Route('/api/engines/{id<\d+>}', name: 'change_engine', methods: ['PUT'])]
    #[IsGranted('ROLE_WRITER')]
    public function change(int $id, Request $request, #[CurrentUser] SignedIn $user): JsonResponse
    {
        $engine = Body::read($request, static fn (Cursor $body): Engine => RegisterBody::engine($id, $body->at('version')->int(1, \PHP_INT_MAX), $body));

        return new JsonResponse($this->told($this->keep->change($engine, $user->account->username)));
    }

    /** @throws ExpectedError */
    #[Route('/api/engines/{id<\d+>}', name: 'remove_engine', methods: ['DELETE'])]
    #[IsGranted('ROLE_WRITER')]
    public function remove(int $id, #[CurrentUser] SignedIn $user): Response
    {
        $this->keep->remove($id, $user->account->username);

        return new Response(status: Response::HTTP_NO_CONTENT);
    }

    /** @throws ExpectedError */
    #[Route('/api/engines/{id<\d+>}/fitting', name: 'fit_engine', methods: ['PUT'])]
    #[Once]
    #[IsGranted('ROLE_WRITER')]
    public function fit(int $id, Request $request, #[CurrentUser] SignedIn $user): JsonResponse
    {
        [$boatId, $position, $on, $swap] = Body::read($request, static fn (Cursor $body): array => [
            $body->at('boatId')->int(1, \PHP_INT_MAX),
            $body->at('position')->enum(Position::class),
            $body->at('on')->day(),
            $body->at('swap')->bool(),
        ]);
        $this->fit->hang($id, $boatId, $position, $on, $swap, $user->account->username);

        return new JsonResponse($this->told($this->register->engine($id)));
    }

    /** @throws ExpectedError */
    #[Route('/api/engines/{id<\d+>}/taking-off', name: 'take_off_engine', methods: ['POST'])]
    #[Once]
    #[IsGranted('ROLE_WRITER')]
    public function takeOff(int $id, Request $request, #[CurrentUser] SignedIn $user): JsonResponse
    {
        $on = Body::read($request, static fn (Cursor $body): \DateTimeImmutable => $body->at('on')->day());
        $this->fit->takeOff($id, $on, $user->account->username);

        return new JsonResponse($this->told($this->register->engine($id)));
    }

    /** @return array<string, mixed> */
    private function told(Engine $engine): array
    {
        return [...EngineView::identity($engine), 'identification' => EngineView::match(($this->identify)($engine->plate()))];
    }
}
