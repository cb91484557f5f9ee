<?php

declare(strict_types=1);

namespace FreshTack\Web\Controller;

use FreshTack\Core\ExpectedError;
use FreshTack\Core\Reading\Cursor;
use FreshTack\Core\Schedule\DuePolicy;
use FreshTack\Shop\Due\SaveDuePolicy;
use FreshTack\Shop\ShopSettings;
use FreshTack\Web\Http\Body;
use FreshTack\Web\Http\RegisterBody;
use FreshTack\Web\Security\SignedIn;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Security\Http\Attribute\IsGranted;

#[AsController]
#[IsGranted('ROLE_STAFF')]
final readonly class DuePolicyController
{
    public function __construct(private ShopSettings $settings, private SaveDuePolicy $save)
    {
    }

    #[Route('/api/policy/due', name: 'due_policy', methods: ['GET'])]
    public function show(): JsonResponse
    {
        $policy = $this->settings->duePolicy();

        return new JsonResponse([
            'windowHours' => $policy->windowHours->text(),
            'windowDays' => $policy->windowDays,
            'graceHours' => $policy->graceHours->text(),
            'graceDays' => $policy->graceDays,
            'useByMonth' => array_values($this->settings->useByMonth()),
            'version' => $this->settings->version(),
        ]);
    }

    /** @throws ExpectedError */
    #[Route('/api/policy/due', name: 'save_due_policy', methods: ['PUT'])]
    #[IsGranted('ROLE_MANAGER')]
    public function change(Request $request, #[CurrentUser] SignedIn $user): JsonResponse
    {
        [$policy, $months, $version] = Body::read($request, static fn (Cursor $body): array => [
            new DuePolicy(RegisterBody::hours($body->at('windowHours')), $body->at('windowDays')->int(0, 365), RegisterBody::hours($body->at('graceHours')), $body->at('graceDays')->int(0, 365)),
            self::months($body->at('useByMonth')),
            $body->at('version')->int(1, \PHP_INT_MAX),
        ]);
        ($this->save)($policy, $months, $version, $user->account);

        return $this->show();
    }

    /** @return array<int, int> by month 1 to 12 */
    private static function months(Cursor $months): array
    {
        $shares = array_map(static fn (Cursor $month): int => $month->int(0, 100), $months->list(12, 12));
        if ([] !== $shares && 0 === max($shares)) {
            $months->flaw('At least one month has to have some use.');
        }

        return 12 === \count($shares) ? array_combine(range(1, 12), $shares) : [];
    }
}
