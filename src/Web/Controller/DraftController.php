<?php

declare(strict_types=1);

namespace FreshTack\Web\Controller;

use FreshTack\Core\ExpectedError;
use FreshTack\Core\Reading\Cursor;
use FreshTack\Shop\Order\DraftReader;
use FreshTack\Shop\Order\SaveDraft;
use FreshTack\Web\Http\Body;
use FreshTack\Web\Http\Once;
use FreshTack\Web\Http\OrderVersion;
use FreshTack\Web\Security\SignedIn;
use FreshTack\Web\View\OrderFileView;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Security\Http\Attribute\IsGranted;

#[AsController]
#[IsGranted('ROLE_WRITER')]
final readonly class DraftController
{
    public function __construct(private SaveDraft $save)
    {
    }

    /** @throws ExpectedError */
    #[Route('/api/orders/{number<\d+>}/draft', name: 'draft', methods: ['PUT'])]
    #[Once]
    public function __invoke(int $number, Request $request, #[CurrentUser] SignedIn $user): JsonResponse
    {
        [$version, $draft] = Body::read(
            $request,
            static fn (Cursor $body): array => [OrderVersion::at($body->at('version'), $number), DraftReader::whole($body->at('draft'))],
        );

        return new JsonResponse(OrderFileView::file(($this->save)($number, $version, $draft, $user->account->username)));
    }
}
