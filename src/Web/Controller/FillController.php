<?php

declare(strict_types=1);

namespace FreshTack\Web\Controller;

use FreshTack\Core\ExpectedError;
use FreshTack\Core\Reading\Cursor;
use FreshTack\Core\SpecBook\SheetField;
use FreshTack\Shop\Order\Fill;
use FreshTack\Shop\Order\FillHole;
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
#[IsGranted('ROLE_MANAGER')]
final readonly class FillController
{
    public function __construct(private FillHole $fill)
    {
    }

    /** @throws ExpectedError */
    #[Route('/api/orders/{number<\d+>}/fills', name: 'fill_hole', methods: ['POST'])]
    #[Once]
    public function __invoke(int $number, Request $request, #[CurrentUser] SignedIn $user): JsonResponse
    {
        [$version, $alike, $fill] = Body::read($request, static fn (Cursor $body): array => [
            OrderVersion::at($body->at('version'), $number),
            !$body->at('alike')->isNull() && $body->at('alike')->bool(),
            self::fill($body, $user->account->name),
        ]);

        return new JsonResponse(OrderFileView::file(($this->fill)($number, $version, $fill, $user->account, $alike)));
    }

    private static function fill(Cursor $body, string $by): Fill
    {
        $content = $body->at('content')->raw();

        return new Fill(
            $body->at('engineId')->int(1, \PHP_INT_MAX),
            $body->at('path')->enum(SheetField::class),
            \is_array($content) ? $content : $body->at('content')->keys(),
            $body->at('document')->string(200),
            $body->at('revision')->string(40),
            $body->at('page')->string(40),
            $body->at('reason')->string(300),
            $by,
        );
    }
}
