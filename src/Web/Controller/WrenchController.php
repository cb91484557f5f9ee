<?php

declare(strict_types=1);

namespace FreshTack\Web\Controller;

use FreshTack\Core\Fastening\WrenchReading;
use FreshTack\Shop\Bench\ReadWrenches;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;

#[AsController]
#[IsGranted('ROLE_STAFF')]
final readonly class WrenchController
{
    public function __construct(private ReadWrenches $wrenches)
    {
    }

    #[Route('/api/wrench-readings', name: 'wrench_readings', methods: ['GET'])]
    public function __invoke(): JsonResponse
    {
        return new JsonResponse(['readings' => array_map(static fn (WrenchReading $reading): array => [
            'id' => $reading->id,
            'wrench' => $reading->wrench->name(),
            'torque' => $reading->torque->given,
            'unit' => $reading->torque->unit->value,
            'text' => $reading->torque->asGiven(),
        ], ($this->wrenches)())]);
    }
}
