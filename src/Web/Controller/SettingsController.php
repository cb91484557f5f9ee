<?php

declare(strict_types=1);

namespace FreshTack\Web\Controller;

use FreshTack\Core\Bench\WasteKind;
use FreshTack\Core\ExpectedError;
use FreshTack\Core\Reading\Cursor;
use FreshTack\Shop\Settings\SaveSettings;
use FreshTack\Shop\Settings\Setting;
use FreshTack\Shop\Settings\SettingsPart;
use FreshTack\Shop\Settings\ShowSetUp;
use FreshTack\Shop\ShopSettings;
use FreshTack\Web\Http\Body;
use FreshTack\Web\Security\SignedIn;
use FreshTack\Web\View\SetUpView;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Security\Http\Attribute\IsGranted;

/** What the shop sets once, part by part, and what of it is still missing. */
#[AsController]
#[IsGranted('ROLE_STAFF')]
final readonly class SettingsController
{
    public function __construct(private ShopSettings $settings, private SaveSettings $save, private ShowSetUp $setUp)
    {
    }

    #[Route('/api/set-up', name: 'set_up', methods: ['GET'])]
    public function setUp(): JsonResponse
    {
        return new JsonResponse(['parts' => array_map(SetUpView::of(...), ($this->setUp)())]);
    }

    #[Route('/api/settings', name: 'settings', methods: ['GET'])]
    public function show(): JsonResponse
    {
        $parts = array_map(fn (SettingsPart $part): array => [$part->value, $this->part($part)], SettingsPart::cases());

        return new JsonResponse([
            'version' => $this->settings->version(),
            ...array_column($parts, 1, 0),
            'figures' => array_map(static fn (Setting $setting): array => [
                'name' => $setting->value,
                'label' => $setting->label(),
                'unit' => $setting->unit(),
                'why' => $setting->why(),
                'standard' => $setting->standard(),
                'least' => $setting->least(),
                'most' => $setting->most(),
            ], Setting::cases()),
            'wasteKinds' => array_map(
                static fn (WasteKind $kind): array => ['kind' => $kind->value, 'label' => $kind->label()],
                WasteKind::cases(),
            ),
        ]);
    }

    /** @throws ExpectedError */
    #[Route('/api/settings/{part<[a-z]+>}', name: 'save_settings', methods: ['PUT'])]
    #[IsGranted('ROLE_MANAGER')]
    public function change(SettingsPart $part, Request $request, #[CurrentUser] SignedIn $user): JsonResponse
    {
        [$kept, $version] = Body::read($request, static function (Cursor $body) use ($part): array {
            $body->knowsOnly('value', 'version');
            $body->needs('value');

            return [$part->read($body->at('value')), $body->at('version')->int(1, \PHP_INT_MAX)];
        });
        ($this->save)($part, $kept, $version, $user->account->username);

        return $this->show();
    }

    /** @return array<mixed>|object|null an empty object stays one */
    private function part(SettingsPart $part): array|object|null
    {
        $value = $this->settings->part($part);

        return SettingsPart::Waste === $part ? (object) $value : $value;
    }
}
