<?php

declare(strict_types=1);

namespace FreshTack\Web\Controller;

use FreshTack\Core\Bench\OilLeft;
use FreshTack\Core\ExpectedError;
use FreshTack\Core\Reading\Cursor;
use FreshTack\Core\SpecBook\ValueReader;
use FreshTack\Shop\Bench\ReleaseOrder;
use FreshTack\Web\Http\Body;
use FreshTack\Web\Http\Once;
use FreshTack\Web\Http\OrderVersion;
use FreshTack\Web\Security\SignedIn;
use FreshTack\Web\View\OrderFileView;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Security\Http\Attribute\IsGranted;

#[AsController]
#[IsGranted('ROLE_TECHNICIAN')]
final readonly class ReleaseController
{
    public function __construct(private ReleaseOrder $release)
    {
    }

    /** @throws ExpectedError */
    #[Route('/api/orders/{number<\d+>}/release', name: 'release', methods: ['POST'])]
    #[Once]
    public function __invoke(int $number, Request $request, #[CurrentUser] SignedIn $user): JsonResponse
    {
        [$version, $remark, $left] = Body::read($request, static fn (Cursor $body): array => [
            OrderVersion::at($body->at('version'), $number),
            $body->at('remark')->optionalString(1000) ?? '',
            $body->at('oil')->isNull() ? [] : array_values(array_filter(array_map(self::left(...), $body->at('oil')->list(0, 20)))),
        ]);

        return new JsonResponse(OrderFileView::file(($this->release)($number, $version, $remark, $user->account->username, ...$left)));
    }

    private static function left(Cursor $oil): ?OilLeft
    {
        $oil->knowsOnly('grade', 'performanceClass', 'opened', 'leftOver');
        [$opened, $leftOver] = [ValueReader::volume($oil->at('opened')), ValueReader::volume($oil->at('leftOver'))];

        return null === $opened || null === $leftOver ? null : new OilLeft($oil->at('grade')->string(20), $oil->at('performanceClass')->string(40), $opened, $leftOver);
    }
}
