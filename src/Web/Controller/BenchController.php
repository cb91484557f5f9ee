<?php

declare(strict_types=1);

namespace FreshTack\Web\Controller;

use FreshTack\Core\ExpectedError;
use FreshTack\Shop\Bench\BenchMarks;
use FreshTack\Shop\Bench\OpenBench;
use FreshTack\Web\Security\SignedIn;
use FreshTack\Web\View\BenchStateView;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Security\Http\Attribute\IsGranted;

#[AsController]
#[IsGranted('ROLE_STAFF')]
final readonly class BenchController
{
    public function __construct(private OpenBench $open, private BenchMarks $marks)
    {
    }

    /** @throws ExpectedError */
    #[Route('/api/orders/{number<\d+>}/bench', name: 'bench', methods: ['GET'])]
    public function __invoke(int $number, #[CurrentUser] SignedIn $user): JsonResponse
    {
        return new JsonResponse(BenchStateView::of(($this->open)($number), $user->account->username));
    }

    /** @throws ExpectedError */
    #[Route('/api/orders/{number<\d+>}/bench/mark', name: 'bench_mark', methods: ['GET'])]
    public function mark(int $number): JsonResponse
    {
        return new JsonResponse(['mark' => $this->marks->of($number)]);
    }
}
