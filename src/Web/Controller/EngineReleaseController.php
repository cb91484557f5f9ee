<?php

declare(strict_types=1);

namespace FreshTack\Web\Controller;

use FreshTack\Core\Bench\EngineRelease;
use FreshTack\Core\Bench\EntryReader;
use FreshTack\Core\ExpectedError;
use FreshTack\Core\Plan\Position;
use FreshTack\Core\Reading\Cursor;
use FreshTack\Shop\Bench\BenchView;
use FreshTack\Shop\Bench\ReleaseEngine;
use FreshTack\Web\Http\Body;
use FreshTack\Web\Http\EntryBatch;
use FreshTack\Web\Http\Once;
use FreshTack\Web\Security\SignedIn;
use FreshTack\Web\View\BenchStateView;
use Symfony\Bundle\SecurityBundle\Security;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Security\Http\Attribute\IsGranted;

#[AsController]
#[IsGranted('ROLE_STAFF')]
final readonly class EngineReleaseController
{
    public function __construct(private ReleaseEngine $engines, private Security $security)
    {
    }

    /** @throws ExpectedError */
    #[Route('/api/orders/{number<\d+>}/engines/{position}/release', name: 'engine_release', methods: ['POST'])]
    #[IsGranted('ROLE_TECHNICIAN')]
    #[Once]
    public function release(int $number, Position $position, Request $request, #[CurrentUser] SignedIn $user): JsonResponse
    {
        [$uuid, $said, $value] = Body::read($request, fn (Cursor $body): array => [
            EntryBatch::uuid($body->at('uuid')),
            $this->said($body),
            array_diff_key((array) $body->raw(), ['uuid' => true]),
        ]);
        $view = $this->engines->release($number, $position, $uuid, $said, $value, $user->account->username);

        return self::answer($view, $uuid, $user);
    }

    /** @throws ExpectedError */
    #[Route('/api/orders/{number<\d+>}/engines/{position}/return', name: 'engine_return', methods: ['POST'])]
    #[IsGranted('ROLE_LEAD')]
    #[Once]
    public function takeBack(int $number, Position $position, Request $request, #[CurrentUser] SignedIn $user): JsonResponse
    {
        [$uuid, $why] = Body::read($request, static fn (Cursor $body): array => [
            EntryBatch::uuid($body->at('uuid')),
            trim($body->at('why')->string(300)),
        ]);
        $view = $this->engines->takeBack($number, $position, $uuid, $why, $user->account->username);

        return self::answer($view, $uuid, $user);
    }

    private function said(Cursor $body): EngineRelease
    {
        $body->knowsOnly('uuid', 'unfit', 'explained');
        $said = EntryReader::release($body);
        if (null !== $said->unfit && !$this->security->isGranted('ROLE_LEAD')) {
            $body->at('unfit')->flaw('An engine that is not fit to run is let go by a lead or a manager.');
        }

        return $said;
    }

    private static function answer(BenchView $view, string $uuid, SignedIn $user): JsonResponse
    {
        return new JsonResponse(BenchStateView::change($view, $user->account->username, [$uuid]));
    }
}
