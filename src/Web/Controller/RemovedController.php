<?php

declare(strict_types=1);

namespace FreshTack\Web\Controller;

use FreshTack\Core\ExpectedError;
use FreshTack\Shop\Board\ClosedOrder;
use FreshTack\Shop\Board\ShowRemoved;
use FreshTack\Shop\TakenBack\BringBack;
use FreshTack\Shop\TakenBack\Removed;
use FreshTack\Web\Http\Once;
use FreshTack\Web\Security\SignedIn;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Security\Http\Attribute\IsGranted;

/** What was removed from the register, and orders that were not carried out. */
#[AsController]
#[IsGranted('ROLE_WRITER')]
final readonly class RemovedController
{
    public function __construct(private ShowRemoved $show, private BringBack $bringBack)
    {
    }

    #[Route('/api/removed', name: 'removed', methods: ['GET'])]
    public function show(): JsonResponse
    {
        $order = static fn (ClosedOrder $order): array => [
            'number' => $order->number,
            'status' => $order->status->value,
            'boat' => $order->boat,
            'by' => $order->closing->by,
            'at' => $order->closing->at->format(\DATE_ATOM),
            'why' => $order->closing->why,
        ];

        return new JsonResponse([
            'things' => array_map(self::thing(...), $this->show->things()),
            'orders' => array_map($order, $this->show->orders()),
        ]);
    }

    /** @throws ExpectedError */
    #[Route('/api/removed/{id<\d+>}/bringing-back', name: 'bring_back', methods: ['POST'])]
    #[Once]
    public function bringBack(int $id, #[CurrentUser] SignedIn $user): JsonResponse
    {
        return new JsonResponse(self::thing(($this->bringBack)($id, $user->account->username)));
    }

    /** @return array<string, mixed> */
    private static function thing(Removed $removed): array
    {
        return [
            'id' => $removed->id,
            'kind' => $removed->kind->value,
            'ref' => $removed->ref,
            'name' => $removed->name,
            'by' => $removed->by,
            'at' => $removed->at->format(\DATE_ATOM),
        ];
    }
}
