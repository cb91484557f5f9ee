<?php

declare(strict_types=1);

namespace FreshTack\Web\Controller;

use FreshTack\Core\ExpectedError;
use FreshTack\Core\Reading\Cursor;
use FreshTack\Shop\Order\Draft;
use FreshTack\Shop\Order\DraftReader;
use FreshTack\Shop\Order\Orders;
use FreshTack\Shop\Order\PreviewOrder;
use FreshTack\Web\Http\Body;
use FreshTack\Web\Http\SessionLock;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;

#[AsController]
#[IsGranted('ROLE_WRITER')]
final readonly class PreviewController
{
    public function __construct(private PreviewOrder $preview, private Orders $orders)
    {
    }

    /**
     * Lets go of the session before it computes, so that previews don't wait for each other.
     *
     * @throws ExpectedError
     */
    #[Route('/api/orders/{number<\d+>}/preview', name: 'preview', methods: ['POST'])]
    public function __invoke(int $number, Request $request): JsonResponse
    {
        SessionLock::release($request);
        $draft = Body::read($request, static fn (Cursor $body): Draft => DraftReader::at($body));

        return new JsonResponse(['work' => $this->preview->sketch($this->orders->get($number), $draft)]);
    }
}
