<?php

declare(strict_types=1);

namespace FreshTack\Web\Controller;

use FreshTack\Core\ExpectedError;
use FreshTack\Shop\Order\PrefillCheckIn;
use FreshTack\Web\View\BoatView;
use FreshTack\Web\View\EngineView;
use FreshTack\Web\View\OrderFileView;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;

#[AsController]
#[IsGranted('ROLE_WRITER')]
final readonly class CheckInFormController
{
    public function __construct(private PrefillCheckIn $prefill)
    {
    }

    /** @throws ExpectedError */
    #[Route('/api/boats/{id<\d+>}/check-in', name: 'check_in_form', methods: ['GET'])]
    public function __invoke(int $id): JsonResponse
    {
        $form = ($this->prefill)($id);

        return new JsonResponse([
            'boat' => BoatView::of($form->boat),
            'engines' => array_map(EngineView::of(...), $form->engines),
            'draft' => $form->draft->toArray(),
            'models' => $form->models,
            'open' => array_map(OrderFileView::file(...), $form->open),
            'airKnown' => $form->airKnown,
            'places' => array_column($form->places, 'value'),
        ]);
    }
}
