<?php

declare(strict_types=1);

namespace FreshTack\Web\Controller;

use FreshTack\Exchange\FigureStyle;
use FreshTack\Shop\Account\Account;
use FreshTack\Shop\Account\Accounts;
use FreshTack\Shop\FirstRun\FirstRun;
use FreshTack\Shop\ShopSettings;
use FreshTack\Web\View\AccountView;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

#[AsController]
final readonly class ShopController
{
    /** What is told where nobody has opened a shop yet. */
    private const NONE = [
        'isOpen' => false,
        'name' => '',
        'timeZone' => 'UTC',
        'currency' => 'EUR',
        'country' => null,
        'figures' => ['decimalComma' => false, 'customary' => null],
        'paper' => 'a4',
        'timePasses' => false,
        'demoAccounts' => [],
        'demoPassword' => null,
        'demoPin' => null,
    ];

    public function __construct(
        private FirstRun $first,
        private ShopSettings $settings,
        private Accounts $accounts,
        private bool $demoMode,
    ) {
    }

    #[Route('/api/shop', name: 'shop', methods: ['GET'])]
    public function __invoke(): JsonResponse
    {
        if (!$this->first->isOpen()) {
            return new JsonResponse(self::NONE);
        }
        $premises = $this->settings->premises();
        $figures = FigureStyle::of($premises->country);
        $open = array_filter($this->accounts->all(), static fn (Account $account): bool => !$account->locked);
        $isDemo = $this->demoMode && null !== $this->settings->demoPassword();
        $accounts = $isDemo ? array_map(AccountView::of(...), array_values($open)) : [];

        return new JsonResponse([
            'isOpen' => true,
            'name' => $premises->name,
            'timeZone' => $premises->timeZone,
            'currency' => $premises->currency,
            'country' => $premises->country,
            'figures' => ['decimalComma' => $figures->decimalComma, 'customary' => $figures->customary],
            'paper' => $premises->paper->value,
            'timePasses' => $this->demoMode,
            'demoAccounts' => $accounts,
            'demoPassword' => $isDemo ? $this->settings->demoPassword() : null,
            'demoPin' => $isDemo ? $this->settings->demoPin() : null,
        ]);
    }
}
