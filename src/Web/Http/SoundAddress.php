<?php

declare(strict_types=1);

namespace FreshTack\Web\Http;

use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Event\RequestEvent;

/** What stands in an address is text that can be read, a list nowhere, and never longer than a line. */
#[AsEventListener(priority: 60)]
final readonly class SoundAddress
{
    private const LONGEST = 2_000;

    public function __invoke(RequestEvent $event): void
    {
        if (!self::isSound($event->getRequest())) {
            $event->setResponse(Problem::of(
                400,
                'address.unreadable',
                'This address can\'t be read. Go back and choose what you wanted from the page.',
            ));
        }
    }

    private static function isSound(Request $request): bool
    {
        $path = rawurldecode($request->getPathInfo());
        foreach ([$path, ...array_keys($request->query->all()), ...array_values($request->query->all())] as $text) {
            if (
                \is_array($text)
                || !mb_check_encoding((string) $text, 'UTF-8')
                || \strlen((string) $text) > self::LONGEST
                || 1 === preg_match('/[\x00-\x1F\x7F]/', (string) $text)
            ) {
                return false;
            }
        }

        return true;
    }
}
