<?php

declare(strict_types=1);

namespace FreshTack\Web\Controller;

use FreshTack\Core\ExpectedError;
use FreshTack\Core\Reading\Cursor;
use FreshTack\Shop\Order\IssueOrder;
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
final readonly class IssueController
{
    public function __construct(private IssueOrder $issue)
    {
    }

    /** @throws ExpectedError */
    #[Route('/api/orders/{number<\d+>}/issue', name: 'issue', methods: ['POST'])]
    #[Once]
    public function __invoke(int $number, Request $request, #[CurrentUser] SignedIn $user): JsonResponse
    {
        [$version, $seen] = Body::read(
            $request,
            static fn (Cursor $body): array => [OrderVersion::at($body->at('version'), $number), $body->at('plan')->optionalString(64)],
        );

        return new JsonResponse(OrderFileView::file(($this->issue)($number, $version, $seen, $user->account->username)));
    }
}
