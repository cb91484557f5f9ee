<?php

declare(strict_types=1);

namespace FreshTack\Web\Controller;

use FreshTack\Core\ExpectedError;
use FreshTack\Core\Reading\Cursor;
use FreshTack\Core\Reading\Width;
use FreshTack\Shop\Order\CloseOrder;
use FreshTack\Shop\Order\ReopenOrder;
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

/** Orders that are not carried out, and bringing them back. */
#[AsController]
#[IsGranted('ROLE_WRITER')]
final readonly class OrderClosingController
{
    public function __construct(private CloseOrder $close, private ReopenOrder $reopen)
    {
    }

    /** @throws ExpectedError */
    #[Route('/api/orders/{number<\d+>}/closing', name: 'close_order', methods: ['POST'])]
    #[Once]
    public function close(int $number, Request $request, #[CurrentUser] SignedIn $user): JsonResponse
    {
        [$version, $why, $otherBoat] = Body::read($request, static fn (Cursor $body): array => [
            OrderVersion::at($body->at('version'), $number),
            $body->at('why')->string(Width::REASON),
            $body->at('otherBoat')->bool(),
        ]);

        return new JsonResponse(OrderFileView::file(($this->close)($number, $version, $why, $otherBoat, $user->account->username)));
    }

    /** @throws ExpectedError */
    #[Route('/api/orders/{number<\d+>}/reopening', name: 'reopen_order', methods: ['POST'])]
    #[Once]
    public function reopen(int $number, #[CurrentUser] SignedIn $user): JsonResponse
    {
        return new JsonResponse(OrderFileView::file(($this->reopen)($number, $user->account->username)));
    }
}
