<?php

declare(strict_types=1);

namespace FreshTack\Web\Controller;

use FreshTack\Core\ExpectedError;
use FreshTack\Exchange\CalendarFile;
use FreshTack\Shop\Reminder\DueCalendar;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

/** For calendar programs, which can't sign in: whoever knows the secret address may read it. */
#[AsController]
final readonly class CalendarController
{
    public function __construct(private DueCalendar $calendar)
    {
    }

    /** @throws ExpectedError */
    #[Route('/calendar/{token<[A-Za-z0-9_-]{43}>}.ics', name: 'calendar', methods: ['GET'])]
    public function __invoke(string $token, Request $request): Response
    {
        $response = new Response($this->calendar->open($token), Response::HTTP_OK, ['Content-Type' => CalendarFile::TYPE, 'Cache-Control' => 'private, max-age=0, must-revalidate']);
        $response->setEtag(hash('sha256', (string) $response->getContent()));
        $response->isNotModified($request);

        return $response;
    }
}
