<?php

declare(strict_types=1);

namespace FreshTack\Web\Controller;

use FreshTack\Core\Bench\EntryReader;
use FreshTack\Core\Bench\OilLeft;
use FreshTack\Core\Bench\Release;
use FreshTack\Core\Bench\Waste;
use FreshTack\Core\Bench\WasteKind;
use FreshTack\Core\ExpectedError;
use FreshTack\Core\Reading\Cursor;
use FreshTack\Core\SpecBook\ValueReader;
use FreshTack\Shop\Bench\ReleaseOrder;
use FreshTack\Web\Http\Body;
use FreshTack\Web\Http\Once;
use FreshTack\Web\Http\OrderVersion;
use FreshTack\Web\Security\SignedIn;
use FreshTack\Web\View\OrderFileView;
use Symfony\Bundle\SecurityBundle\Security;
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
    public function __construct(private ReleaseOrder $release, private Security $security)
    {
    }

    /** @throws ExpectedError */
    #[Route('/api/orders/{number<\d+>}/release', name: 'release', methods: ['POST'])]
    #[Once]
    public function __invoke(int $number, Request $request, #[CurrentUser] SignedIn $user): JsonResponse
    {
        [$version, $release] = Body::read($request, fn (Cursor $body): array => [
            OrderVersion::at($body->at('version'), $number),
            $this->said($body),
        ]);

        return new JsonResponse(OrderFileView::file(($this->release)($number, $version, $release, $user->account->username)));
    }

    private function said(Cursor $body): Release
    {
        $unfit = EntryReader::said($body->at('unfit'), 'position', 'why');
        if ([] !== $unfit && !$this->security->isGranted('ROLE_LEAD')) {
            $body->at('unfit')->flaw('An engine that is not fit to run is let go by a lead or a manager.');
        }
        $left = $body->at('oil')->isNull() ? [] : array_filter(array_map(self::left(...), $body->at('oil')->list(0, 20)));

        return new Release(
            $body->at('remark')->optionalString(1000) ?? '',
            EntryReader::said($body->at('explained'), 'deviation', 'words'),
            $unfit,
            array_values($left),
            self::waste($body->at('waste')),
        );
    }

    /** @return list<Waste> */
    private static function waste(Cursor $list): array
    {
        $waste = [];
        foreach ($list->isNull() ? [] : $list->list(0, 10) as $each) {
            $each->knowsOnly('kind', 'amount', 'pieces', 'container');
            $kind = $each->at('kind')->enum(WasteKind::class);
            $container = trim($each->at('container')->string(80));
            if (isset($waste[$kind->value])) {
                $each->at('kind')->flaw('This is written down already.');
            }
            $amount = $kind->isCounted() ? $each->at('pieces')->int(1, 99) : ValueReader::volume($each->at('amount'));
            $waste = null === $amount ? $waste : [...$waste, $kind->value => new Waste($kind, $amount, $container)];
        }

        return array_values($waste);
    }

    /** Neither opened nor left over: it is said that nobody measured it. */
    private static function left(Cursor $oil): ?OilLeft
    {
        $oil->knowsOnly('grade', 'performanceClass', 'opened', 'leftOver');
        [$grade, $class] = [$oil->at('grade')->string(20), $oil->at('performanceClass')->string(40)];
        if ($oil->at('opened')->isNull() && $oil->at('leftOver')->isNull()) {
            return new OilLeft($grade, $class, null, null);
        }
        [$opened, $leftOver] = [ValueReader::volume($oil->at('opened')), ValueReader::volume($oil->at('leftOver'))];

        return null === $opened || null === $leftOver ? null : new OilLeft($grade, $class, $opened, $leftOver);
    }
}
