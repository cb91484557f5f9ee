<?php

declare(strict_types=1);

namespace FreshTack\Web\Controller;

use FreshTack\Core\ExpectedError;
use FreshTack\Core\Reading\Cursor;
use FreshTack\Shop\Register\Customer;
use FreshTack\Shop\Register\KeepCustomer;
use FreshTack\Shop\Register\Register;
use FreshTack\Web\Http\Body;
use FreshTack\Web\Http\Once;
use FreshTack\Web\Http\RegisterBody;
use FreshTack\Web\Security\SignedIn;
use FreshTack\Web\View\BoatView;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Security\Http\Attribute\IsGranted;

#[AsController]
#[IsGranted('ROLE_STAFF')]
final readonly class CustomerController
{
    public function __construct(private Register $register, private KeepCustomer $keep)
    {
    }

    #[Route('/api/customers', name: 'customers', methods: ['GET'])]
    public function like(Request $request): JsonResponse
    {
        return new JsonResponse(['customers' => array_map(BoatView::customer(...), $this->register->customersLike($request->query->getString('q')))]);
    }

    /** @throws ExpectedError */
    #[Route('/api/customers/{id<\d+>}', name: 'customer', methods: ['GET'])]
    public function show(int $id): JsonResponse
    {
        return new JsonResponse(['customer' => BoatView::customer($this->register->customer($id)), 'boats' => array_map(BoatView::hit(...), $this->register->boatsOf($id))]);
    }

    /** @throws ExpectedError */
    #[Route('/api/customers', name: 'add_customer', methods: ['POST'])]
    #[Once]
    #[IsGranted('ROLE_WRITER')]
    public function add(Request $request, #[CurrentUser] SignedIn $user): JsonResponse
    {
        $customer = Body::read($request, static fn (Cursor $body): Customer => RegisterBody::customer(0, 1, $body));

        return new JsonResponse(BoatView::customer($this->keep->add($customer, $user->account->username)), Response::HTTP_CREATED);
    }

    /** @throws ExpectedError */
    #[Route('/api/customers/{id<\d+>}', name: 'change_customer', methods: ['PUT'])]
    #[IsGranted('ROLE_WRITER')]
    public function change(int $id, Request $request, #[CurrentUser] SignedIn $user): JsonResponse
    {
        $customer = Body::read($request, static fn (Cursor $body): Customer => RegisterBody::customer($id, $body->at('version')->int(1, \PHP_INT_MAX), $body));

        return new JsonResponse(BoatView::customer($this->keep->change($customer, $user->account->username)));
    }

    /** @throws ExpectedError */
    #[Route('/api/customers/{id<\d+>}', name: 'remove_customer', methods: ['DELETE'])]
    #[IsGranted('ROLE_WRITER')]
    public function remove(int $id, #[CurrentUser] SignedIn $user): Response
    {
        $this->keep->remove($id, $user->account->username);

        return new Response(status: Response::HTTP_NO_CONTENT);
    }

    /** @throws ExpectedError */
    #[Route('/api/customers/{id<\d+>}/joining', name: 'join_customer', methods: ['POST'])]
    #[Once]
    #[IsGranted('ROLE_WRITER')]
    public function join(int $id, Request $request, #[CurrentUser] SignedIn $user): JsonResponse
    {
        $into = Body::read($request, static function (Cursor $body): int {
            $body->knowsOnly('into');

            return $body->at('into')->int(1, \PHP_INT_MAX);
        });
        $this->keep->join($id, $into, $user->account->username);

        return $this->show($into);
    }
}
