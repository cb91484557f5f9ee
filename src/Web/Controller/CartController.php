<?php

declare(strict_types=1);

namespace FreshTack\Web\Controller;

use FreshTack\Core\ExpectedError;
use FreshTack\Core\Reading\Cursor;
use FreshTack\Core\Reading\Width;
use FreshTack\Shop\Parts\ConfirmPart;
use FreshTack\Shop\Parts\ShowCart;
use FreshTack\Shop\Parts\TakeBackPart;
use FreshTack\Web\Http\Body;
use FreshTack\Web\Http\Once;
use FreshTack\Web\Security\SignedIn;
use FreshTack\Web\View\CartPageView;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Security\Http\Attribute\IsGranted;

#[AsController]
#[IsGranted('ROLE_STAFF')]
final readonly class CartController
{
    public function __construct(private ShowCart $show, private ConfirmPart $confirm, private TakeBackPart $takeBack)
    {
    }

    /** @throws ExpectedError */
    #[Route('/api/orders/{number<\d+>}/cart', name: 'cart', methods: ['GET'])]
    public function show(int $number): JsonResponse
    {
        return new JsonResponse(CartPageView::of(($this->show)($number)));
    }

    /** @throws ExpectedError */
    #[Route('/api/orders/{number<\d+>}/cart', name: 'confirm_part', methods: ['POST'])]
    #[Once]
    public function confirm(int $number, Request $request, #[CurrentUser] SignedIn $user): JsonResponse
    {
        [$part, $engine] = Body::read($request, static function (Cursor $body): array {
            $body->knowsOnly('number', 'engine');

            return [$body->at('number')->string(40), $body->at('engine')->optionalString(40)];
        });

        return new JsonResponse(CartPageView::of(($this->confirm)($number, $part, $engine, $user->account->username)));
    }

    /** @throws ExpectedError */
    #[Route('/api/orders/{number<\d+>}/cart/taking-back', name: 'take_back_part', methods: ['POST'])]
    #[Once]
    public function takeBack(int $number, Request $request, #[CurrentUser] SignedIn $user): JsonResponse
    {
        [$part, $engine, $why] = Body::read($request, static function (Cursor $body): array {
            $body->knowsOnly('number', 'engine', 'why');

            return [$body->at('number')->string(40), $body->at('engine')->string(40), $body->at('why')->string(Width::REASON)];
        });

        return new JsonResponse(CartPageView::of(($this->takeBack)($number, $part, $engine, $why, $user->account->username)));
    }
}
