<?php

declare(strict_types=1);

namespace FreshTack\Web\Controller;

use FreshTack\Core\ExpectedError;
use FreshTack\Core\Reading\Cursor;
use FreshTack\Shop\Reminder\CalendarFeeds;
use FreshTack\Shop\Reminder\Channel;
use FreshTack\Shop\Reminder\Outbox;
use FreshTack\Shop\Reminder\RemindOwner;
use FreshTack\Shop\Reminder\RenewCalendar;
use FreshTack\Web\Http\Body;
use FreshTack\Web\Http\Once;
use FreshTack\Web\Security\SignedIn;
use FreshTack\Web\View\BoatView;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Security\Http\Attribute\IsGranted;

/** Messages to owners, and the addresses of calendars. */
#[AsController]
#[IsGranted('ROLE_WRITER')]
final readonly class ReminderController
{
    private const MOST = 100;

    public function __construct(
        private RemindOwner $remind,
        private Outbox $outbox,
        private CalendarFeeds $feeds,
        private RenewCalendar $renew,
    ) {
    }

    #[Route('/api/outbox', name: 'outbox', methods: ['GET'])]
    public function outbox(): JsonResponse
    {
        return new JsonResponse(['messages' => array_map(BoatView::message(...), $this->outbox->latest(self::MOST))]);
    }

    /** @throws ExpectedError */
    #[Route('/api/boats/{id<\d+>}/reminder', name: 'propose_reminder', methods: ['GET'])]
    public function propose(int $id): JsonResponse
    {
        return new JsonResponse($this->remind->propose($id));
    }

    /** @throws ExpectedError */
    #[Route('/api/boats/{id<\d+>}/reminder', name: 'send_reminder', methods: ['POST'])]
    #[Once(outside: true)]
    public function send(int $id, Request $request, #[CurrentUser] SignedIn $user): JsonResponse
    {
        [$channel, $subject, $body] = Body::read($request, static fn (Cursor $body): array => [$body->at('channel')->enum(Channel::class), $body->at('subject')->string(200), $body->at('body')->string(5000)]);

        return new JsonResponse(BoatView::message($this->remind->send($id, $channel, $subject, $body, $user->account->username)), Response::HTTP_CREATED);
    }

    #[Route('/api/calendar', name: 'shop_calendar', methods: ['GET'])]
    public function calendar(): JsonResponse
    {
        return new JsonResponse(['token' => $this->feeds->token(null)]);
    }

    /** @throws ExpectedError */
    #[Route('/api/calendar', name: 'renew_shop_calendar', methods: ['POST'])]
    #[Once]
    public function renew(#[CurrentUser] SignedIn $user): JsonResponse
    {
        return new JsonResponse(['token' => ($this->renew)(null, $user->account->username)], Response::HTTP_CREATED);
    }

    /** @throws ExpectedError */
    #[Route('/api/boats/{id<\d+>}/calendar', name: 'renew_boat_calendar', methods: ['POST'])]
    #[Once]
    public function renewOfBoat(int $id, #[CurrentUser] SignedIn $user): JsonResponse
    {
        return new JsonResponse(['token' => ($this->renew)($id, $user->account->username)], Response::HTTP_CREATED);
    }
}
