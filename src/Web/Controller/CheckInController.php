<?php

declare(strict_types=1);

namespace FreshTack\Web\Controller;

use FreshTack\Core\ExpectedError;
use FreshTack\Core\Reading\Cursor;
use FreshTack\Shop\Order\CheckInRig;
use FreshTack\Shop\Order\Draft;
use FreshTack\Shop\Order\DraftReader;
use FreshTack\Web\Http\Body;
use FreshTack\Web\Http\Once;
use FreshTack\Web\Security\SignedIn;
use FreshTack\Web\View\OrderFileView;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Security\Http\Attribute\IsGranted;

#[AsController]
#[IsGranted('ROLE_WRITER')]
final readonly class CheckInController
{
    public function __construct(private CheckInRig $checkIn)
    {
    }

    /** @throws ExpectedError */
    #[Route('/api/boats/{id<\d+>}/check-ins', name: 'check_in', methods: ['POST'])]
    #[Once]
    public function __invoke(int $id, Request $request, #[CurrentUser] SignedIn $user): JsonResponse
    {
        $draft = Body::read($request, static fn (Cursor $body): Draft => DraftReader::at($body));

        return new JsonResponse(
            OrderFileView::file(($this->checkIn)($id, $draft, $request->query->getBoolean('beside'), $user->account->username)),
            Response::HTTP_CREATED,
        );
    }
}
