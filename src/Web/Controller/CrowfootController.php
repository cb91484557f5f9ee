<?php

declare(strict_types=1);

namespace FreshTack\Web\Controller;

use FreshTack\Core\ExpectedError;
use FreshTack\Core\Fastening\Crowfoot;
use FreshTack\Core\Fastening\WrenchChooser;
use FreshTack\Core\Quantity\Length;
use FreshTack\Core\Quantity\LengthUnit;
use FreshTack\Core\Quantity\Torque;
use FreshTack\Core\Quantity\TorqueUnit;
use FreshTack\Core\Reading\Cursor;
use FreshTack\Shop\ShopSettings;
use FreshTack\Shop\Today;
use FreshTack\Web\Http\Body;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;

/** What a torque wrench is set to with a crowfoot on it. */
#[AsController]
#[IsGranted('ROLE_STAFF')]
final readonly class CrowfootController
{
    public function __construct(private ShopSettings $settings, private Today $today)
    {
    }

    /** @throws ExpectedError */
    #[Route('/api/tools/crowfoot', name: 'crowfoot', methods: ['POST'])]
    public function __invoke(Request $request): JsonResponse
    {
        $setting = Body::read($request, static function (Cursor $body): ?Torque {
            $body->knowsOnly('torque', 'lever', 'offset', 'degrees');
            $wanted = $body->at('torque')->at('value')->attempt(static fn (): Torque => Torque::of($body->at('torque')->at('value')->string(20), TorqueUnit::of($body->at('torque')->at('unit')->string(10))));
            [$lever, $offset] = [self::length($body->at('lever')), self::length($body->at('offset'))];
            $degrees = $body->at('degrees')->int(0, 180);

            return null === $wanted || null === $lever || null === $offset ? null : $body->at('lever')->at('value')->attempt(static fn (): Torque => Crowfoot::setting($wanted, $lever, $offset, $degrees));
        });

        $wrenches = $this->settings->torqueWrenches();
        $choice = null === $setting || [] === $wrenches ? null : (new WrenchChooser($wrenches))->forFigure($setting, ($this->today)());

        return new JsonResponse(
            [
                'setting' => $setting?->asGiven(),
                'converted' => $setting?->converted(),
                'wrench' => $choice?->wrench?->name(),
                'warning' => $choice?->warning,
            ],
        );
    }

    private static function length(Cursor $at): ?Length
    {
        $value = $at->at('value')->string(20);

        return '' === $value ? null : $at->at('value')->attempt(static fn (): Length => Length::of($value, LengthUnit::of($at->at('unit')->string(5))));
    }
}
