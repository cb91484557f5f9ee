<?php

declare(strict_types=1);

namespace FreshTack\Web\Controller;

use FreshTack\Shop\Account\Account;
use FreshTack\Shop\Account\Accounts;
use FreshTack\Shop\ShopSettings;
use FreshTack\Web\View\AccountView;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

#[AsController]
final readonly class ShopController
{
    public function __construct(private ShopSettings $settings, private Accounts $accounts, private bool $demoMode)
    {
    }

    #[Route('/api/shop', name: 'shop', methods: ['GET'])]
    public function __invoke(): JsonResponse
    {
        $open = array_filter($this->accounts->all(), static fn (Account $account): bool => !$account->locked);
        $accounts = $this->demoMode ? array_map(AccountView::of(...), array_values($open)) : [];

        return new JsonResponse([
            'name' => $this->settings->name(),
            'timeZone' => $this->settings->zone()->getName(),
            'currency' => $this->settings->currency(),
            'demoAccounts' => $accounts,
            'demoPassword' => $this->demoMode ? $this->settings->demoPassword() : null,
            'demoPin' => $this->demoMode ? $this->settings->demoPin() : null,
        ]);
    }
}
