<?php

declare(strict_types=1);

namespace FreshTack\Web\Controller;

use FreshTack\Core\ExpectedError;
use FreshTack\Shop\Board\TellCaller;
use FreshTack\Shop\Order\ShowOrder;
use FreshTack\Web\View\CallerView;
use FreshTack\Web\View\OrderFileView;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;

#[AsController]
#[IsGranted('ROLE_STAFF')]
final readonly class OrderController
{
    public function __construct(private ShowOrder $show, private TellCaller $tell)
    {
    }

    /** @throws ExpectedError */
    #[Route('/api/orders/{number<\d+>}', name: 'order', methods: ['GET'])]
    public function __invoke(int $number): JsonResponse
    {
        $view = ($this->show)($number);

        return new JsonResponse([...OrderFileView::of($view), 'caller' => CallerView::of(($this->tell)($view))]);
    }
}
