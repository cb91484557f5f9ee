<?php

declare(strict_types=1);

namespace FreshTack\Web\Controller;

use FreshTack\Core\ExpectedError;
use FreshTack\Core\Reading\Cursor;
use FreshTack\Exchange\TimelineDocument;
use FreshTack\Shop\Order\Draft;
use FreshTack\Shop\Order\DraftReader;
use FreshTack\Shop\Order\Orders;
use FreshTack\Shop\Order\PlanOrder;
use FreshTack\Web\Http\Body;
use FreshTack\Web\Http\SessionLock;
use FreshTack\Web\View\ReadinessView;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;

#[AsController]
#[IsGranted('ROLE_WRITER')]
final readonly class TimelineController
{
    public function __construct(private PlanOrder $plan, private Orders $orders)
    {
    }

    /**
     * A request of its own, since it tries several plans.
     *
     * @throws ExpectedError
     */
    #[Route('/api/orders/{number<\d+>}/timeline', name: 'timeline', methods: ['POST'])]
    public function __invoke(int $number, Request $request): JsonResponse
    {
        SessionLock::release($request);
        $draft = Body::read($request, static fn (Cursor $body): Draft => DraftReader::at($body));
        $plan = ($this->plan)($this->orders->get($number), $draft);

        return new JsonResponse(null === $plan ? ['timeline' => null, ...ReadinessView::none(), 'aloneMin' => 0] : [
            'timeline' => TimelineDocument::of($plan->timeline),
            ...ReadinessView::of($plan->ready),
            'aloneMin' => $plan->alone->count,
        ]);
    }

    /**
     * The plan that would be issued, with what it is called by.
     *
     * @throws ExpectedError
     */
    #[Route('/api/orders/{number<\d+>}/plan', name: 'plan', methods: ['POST'])]
    public function full(int $number, Request $request): JsonResponse
    {
        SessionLock::release($request);
        $draft = Body::read($request, static fn (Cursor $body): Draft => DraftReader::at($body));
        $plan = $this->plan->full($this->orders->get($number), $draft);

        return new JsonResponse(null === $plan ? ['seal' => null, 'work' => null, ...ReadinessView::none(), 'aloneMin' => 0] : [
            'seal' => $plan->seal,
            'work' => $plan->work,
            ...ReadinessView::of($plan->ready),
            'aloneMin' => $plan->alone->count,
        ]);
    }
}
