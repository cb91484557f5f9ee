<?php

declare(strict_types=1);

namespace FreshTack\Web\Controller;

use FreshTack\Core\ExpectedError;
use FreshTack\Shop\Bench\ShowRecord;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;

#[AsController]
#[IsGranted('ROLE_STAFF')]
final readonly class RecordController
{
    public function __construct(private ShowRecord $show)
    {
    }

    /** @throws ExpectedError */
    #[Route('/api/orders/{number<\d+>}/record', name: 'record', methods: ['GET'])]
    public function __invoke(int $number): JsonResponse
    {
        return new JsonResponse(($this->show)($number));
    }
}
