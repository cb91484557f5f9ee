<?php

declare(strict_types=1);

namespace FreshTack\Web\Controller;

use FreshTack\Core\ExpectedError;
use FreshTack\Core\Reading\Cursor;
use FreshTack\Core\Reading\Width;
use FreshTack\Shop\Book\DecideFlag;
use FreshTack\Shop\Book\SettleProposal;
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

/** The manager's queue: proposed values, and open orders that froze older ones. */
#[AsController]
#[IsGranted('ROLE_MANAGER')]
final readonly class QueueController
{
    public function __construct(private SettleProposal $settle, private DecideFlag $decide)
    {
    }

    /** @throws ExpectedError */
    #[Route('/api/proposals/{id<\d+>}/settlement', name: 'settle_proposal', methods: ['POST'])]
    #[Once]
    public function proposal(int $id, Request $request, #[CurrentUser] SignedIn $user): JsonResponse
    {
        if (!Body::read($request, static fn (Cursor $body): bool => $body->at('take')->bool())) {
            $this->settle->turnDown($id, $user->account);

            return new JsonResponse(['sheet' => null, 'revision' => null]);
        }
        $draft = $this->settle->take($id, $user->account)->head;

        return new JsonResponse(['sheet' => $draft->id, 'revision' => $draft->revision]);
    }

    /** @throws ExpectedError */
    #[Route('/api/flags/{id<\d+>}/decision', name: 'decide_flag', methods: ['POST'])]
    #[Once]
    public function flag(int $id, Request $request, #[CurrentUser] SignedIn $user): Response
    {
        [$renew, $reason] = Body::read($request, static fn (Cursor $body): array => [$body->at('renew')->bool(), $body->at('reason')->string(300)]);
        if ($renew) {
            $this->decide->renew($id, $reason, $user->account);
        } else {
            $this->decide->keep($id, $reason, $user->account);
        }

        return new Response(status: Response::HTTP_NO_CONTENT);
    }

    /** @throws ExpectedError */
    #[Route('/api/orders/{number<\d+>}/renewal', name: 'renew_order', methods: ['POST'])]
    #[Once]
    public function renewal(int $number, Request $request, #[CurrentUser] SignedIn $user): JsonResponse
    {
        $reason = Body::read($request, static fn (Cursor $body): string => $body->at('reason')->string(Width::REASON));

        return new JsonResponse(OrderFileView::file($this->decide->renewOld($number, $reason, $user->account)));
    }
}
