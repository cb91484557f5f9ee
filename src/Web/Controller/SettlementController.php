<?php

declare(strict_types=1);

namespace FreshTack\Web\Controller;

use FreshTack\Core\ExpectedError;
use FreshTack\Shop\Book\SettleRefusal;
use FreshTack\Web\Http\Once;
use FreshTack\Web\Security\SignedIn;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Security\Http\Attribute\IsGranted;

#[AsController]
#[IsGranted('ROLE_MANAGER')]
final readonly class SettlementController
{
    public function __construct(private SettleRefusal $settle)
    {
    }

    /** @throws ExpectedError */
    #[Route('/api/refusals/{id<\d+>}/settlement', name: 'settle_refusal', methods: ['POST'])]
    #[Once]
    public function __invoke(int $id, #[CurrentUser] SignedIn $user): Response
    {
        ($this->settle)($id, $user->account);

        return new Response(status: Response::HTTP_NO_CONTENT);
    }
}
