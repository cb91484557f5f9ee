<?php

declare(strict_types=1);

namespace FreshTack\Web\Controller;

use FreshTack\Core\Reading\Flaw;
use FreshTack\Shop\Account\Accounts;
use FreshTack\Shop\Health;
use FreshTack\Web\Http\Problem;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

/** @phpstan-import-type Checks from Health */
#[AsController]
final readonly class HealthController
{
    public function __construct(private Accounts $accounts, private Health $health)
    {
    }

    #[Route('/health', name: 'health', methods: ['GET'])]
    public function __invoke(): JsonResponse
    {
        return new JsonResponse(['status' => 'ok', 'accounts' => \count($this->accounts->all()) > 0]);
    }

    /** For whoever watches the machine: 503 as long as something is not as it should be. */
    #[Route('/health/ready', name: 'health_ready', methods: ['GET'])]
    public function ready(): JsonResponse
    {
        $checks = $this->health->checks();
        $wrong = array_keys(array_filter($checks, static fn (array $check): bool => !$check['ok']));
        if ([] === $wrong) {
            return new JsonResponse(['ready' => true, ...$checks]);
        }

        $told = self::told($checks);
        $flaws = array_map(static fn (string $what): Flaw => new Flaw('/'.$what, $told[$what]), $wrong);

        return Problem::of(503, 'not_ready', 'The server is not as it should be. See docs/operations.md, Watching the machine.', $flaws);
    }

    /**
     * @param Checks $checks
     *
     * @return array<string, string>
     */
    private static function told(array $checks): array
    {
        $age = $checks['worker']['seenSecondsAgo'];
        $free = $checks['disk']['freeMb'];

        return [
            'tables' => 'The tables are not those of this version: call bin/start.',
            'worker' => null === $age ? 'The worker was never seen.' : \sprintf('The worker was last seen %d s ago.', $age),
            'queue' => \sprintf('%d jobs wait, the oldest for %d s.', $checks['queue']['waiting'], $checks['queue']['oldestSeconds']),
            'disk' => null === $free ? 'The room on the disk is not known.' : \sprintf('The disk has %d MB left.', $free),
        ];
    }
}
