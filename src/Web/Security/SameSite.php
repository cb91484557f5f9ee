<?php

declare(strict_types=1);

namespace FreshTack\Web\Security;

use FreshTack\Web\Http\Problem;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Event\RequestEvent;

/**
 * Defence against requests forged by another site: what changes something must carry our own header, which no form
 * and no cross-site script can send, and if the browser says where it comes from, that must be here.
 */
#[AsEventListener(priority: 40)]
final readonly class SameSite
{
    public const HEADER = 'X-Fresh-Tack';

    public function __invoke(RequestEvent $event): void
    {
        $request = $event->getRequest();
        if ($event->isMainRequest() && !$request->isMethodSafe() && !$this->isOurs($request)) {
            $event->setResponse(Problem::of(Response::HTTP_FORBIDDEN, 'request.forged', 'This request did not come from the application\'s own pages.'));
        }
    }

    private function isOurs(Request $request): bool
    {
        $origin = $request->headers->get('Origin');
        $site = $request->headers->get('Sec-Fetch-Site');

        return $request->headers->has(self::HEADER)
            && (null === $origin || $origin === $request->getSchemeAndHttpHost())
            && (null === $site || 'same-origin' === $site);
    }
}
