<?php

declare(strict_types=1);

namespace FreshTack\Web\Controller;

use FreshTack\Core\ExpectedError;
use FreshTack\Core\Reading\Cursor;
use FreshTack\Core\Reading\Width;
use FreshTack\Shop\Board\ShowEngineLog;
use FreshTack\Shop\Register\BringBackLine;
use FreshTack\Shop\Register\FitEngine;
use FreshTack\Shop\Register\TakeBackLine;
use FreshTack\Shop\TakenBack\LogKind;
use FreshTack\Web\Http\Body;
use FreshTack\Web\Http\Once;
use FreshTack\Web\Http\RegisterBody;
use FreshTack\Web\Security\SignedIn;
use FreshTack\Web\View\EngineLogView;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Security\Http\Attribute\IsGranted;

#[AsController]
#[IsGranted('ROLE_STAFF')]
final readonly class EngineLogController
{
    public function __construct(
        private ShowEngineLog $show,
        private TakeBackLine $takeBack,
        private BringBackLine $bringBack,
        private FitEngine $fit,
    ) {
    }

    /** @throws ExpectedError */
    #[Route('/api/engines/{id<\d+>}/log', name: 'engine_log', methods: ['GET'])]
    public function __invoke(int $id): JsonResponse
    {
        return new JsonResponse(EngineLogView::of(($this->show)($id)));
    }

    /** @throws ExpectedError */
    #[Route('/api/engines/{id<\d+>}/readings/{line<\d+>}/taking-back', name: 'take_back_reading', methods: ['POST'])]
    #[Once]
    public function strikeReading(int $id, int $line, Request $request, #[CurrentUser] SignedIn $user): JsonResponse
    {
        [$why, $instead] = Body::read($request, static function (Cursor $body): array {
            $body->knowsOnly('why', 'instead');

            return [
                $body->at('why')->string(Width::REASON),
                $body->at('instead')->isNull() ? null : RegisterBody::reading($body->at('instead')),
            ];
        });
        ($this->takeBack)($id, LogKind::Reading, $line, $why, $instead, $user->account->username);

        return $this->__invoke($id);
    }

    /** @throws ExpectedError */
    #[Route('/api/engines/{id<\d+>}/log/{kind<done|declined>}/{line<\d+>}/taking-back', name: 'take_back_line', methods: ['POST'])]
    #[Once]
    #[IsGranted('ROLE_WRITER')]
    public function strike(int $id, string $kind, int $line, Request $request, #[CurrentUser] SignedIn $user): JsonResponse
    {
        $why = self::why($request);
        ($this->takeBack)($id, LogKind::from($kind), $line, $why, null, $user->account->username);

        return $this->__invoke($id);
    }

    /** @throws ExpectedError */
    #[Route('/api/engines/{id<\d+>}/log/{kind<reading|done|declined>}/{line<\d+>}/bringing-back', name: 'bring_back_line', methods: ['POST'])]
    #[Once]
    #[IsGranted('ROLE_WRITER')]
    public function restore(int $id, string $kind, int $line, #[CurrentUser] SignedIn $user): JsonResponse
    {
        ($this->bringBack)($id, LogKind::from($kind), $line, $user->account->username);

        return $this->__invoke($id);
    }

    /** @throws ExpectedError */
    #[Route('/api/engines/{id<\d+>}/moves/taking-back', name: 'take_back_move', methods: ['POST'])]
    #[Once]
    #[IsGranted('ROLE_WRITER')]
    public function undoMove(int $id, Request $request, #[CurrentUser] SignedIn $user): JsonResponse
    {
        $this->fit->takeBack($id, self::why($request), $user->account->username);

        return $this->__invoke($id);
    }

    /** @throws ExpectedError */
    private static function why(Request $request): string
    {
        return Body::read($request, static function (Cursor $body): string {
            $body->knowsOnly('why');

            return $body->at('why')->string(Width::REASON);
        });
    }
}
