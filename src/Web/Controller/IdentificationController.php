<?php

declare(strict_types=1);

namespace FreshTack\Web\Controller;

use FreshTack\Core\ExpectedError;
use FreshTack\Core\Reading\Cursor;
use FreshTack\Core\SpecBook\Plate;
use FreshTack\Shop\Book\IdentifyEngine;
use FreshTack\Web\Http\Body;
use FreshTack\Web\View\EngineView;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;

#[AsController]
#[IsGranted('ROLE_WRITER')]
final readonly class IdentificationController
{
    public function __construct(private IdentifyEngine $identify)
    {
    }

    /** @throws ExpectedError */
    #[Route('/api/identifications', name: 'identify', methods: ['POST'])]
    public function __invoke(Request $request): JsonResponse
    {
        $plate = Body::read($request, static fn (Cursor $body): Plate => new Plate($body->at('model')->string(20), $body->at('serial')->string(30), $body->at('year')->optionalInt(1960, 2100), $body->at('gearcase')->optionalString(20)));

        return new JsonResponse(EngineView::match(($this->identify)($plate)));
    }
}
