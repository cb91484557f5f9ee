<?php

declare(strict_types=1);

namespace FreshTack\Web\Controller;

use FreshTack\Core\ExpectedError;
use FreshTack\Core\Reading\Cursor;
use FreshTack\Shop\Bench\TakeOnWork;
use FreshTack\Web\Http\Body;
use FreshTack\Web\Http\Once;
use FreshTack\Web\Security\SignedIn;
use FreshTack\Web\View\BenchStateView;
use Symfony\Bundle\SecurityBundle\Security;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Core\Exception\AccessDeniedException;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Security\Http\Attribute\IsGranted;

#[AsController]
#[IsGranted('ROLE_STAFF')]
final readonly class ClaimController
{
    public function __construct(private TakeOnWork $work, private Security $security)
    {
    }

    /** @throws ExpectedError */
    #[Route('/api/orders/{number<\d+>}/claims', name: 'take_on', methods: ['POST'])]
    #[Once]
    public function takeOn(int $number, Request $request, #[CurrentUser] SignedIn $user): JsonResponse
    {
        $by = $this->worker($user);
        [$of, $instead] = Body::read($request, static function (Cursor $body): array {
            $body->knowsOnly('of', 'instead');

            return [$body->at('of')->string(190), $body->at('instead')->optionalString(60)];
        });

        return new JsonResponse(BenchStateView::change($this->work->take($number, $of, $instead, $by), $by, []));
    }

    /** @throws ExpectedError */
    #[Route('/api/orders/{number<\d+>}/claims/giving-back', name: 'give_back', methods: ['POST'])]
    #[Once]
    public function giveBack(int $number, Request $request, #[CurrentUser] SignedIn $user): JsonResponse
    {
        $by = $this->worker($user);
        $of = Body::read($request, static function (Cursor $body): string {
            $body->knowsOnly('of');

            return $body->at('of')->string(190);
        });

        return new JsonResponse(BenchStateView::change($this->work->giveBack($number, $of, $by), $by, []));
    }

    /** Who enters at the bench takes on work there. */
    private function worker(SignedIn $user): string
    {
        $mayWork = $this->security->isGranted('ROLE_TECHNICIAN') || $this->security->isGranted('ROLE_WRITER');

        return $mayWork ? $user->account->username : throw new AccessDeniedException('Bench work is taken on by a technician.');
    }
}
