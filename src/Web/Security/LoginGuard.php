<?php

declare(strict_types=1);

namespace FreshTack\Web\Security;

use FreshTack\Shop\Account\LoginThrottle;
use FreshTack\Shop\Account\Username;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\RequestStack;
use Symfony\Component\Security\Http\Event\CheckPassportEvent;

/** Before a password is looked at: has this account been tried too often from this address? */
#[AsEventListener(event: CheckPassportEvent::class, priority: 2048, dispatcher: 'security.event_dispatcher.main')]
final readonly class LoginGuard
{
    public function __construct(private LoginThrottle $throttle, private RequestStack $requests)
    {
    }

    public function __invoke(CheckPassportEvent $event): void
    {
        $request = $this->requests->getMainRequest();
        $seconds = null === $request ? 0 : $this->throttle->secondsToWait(self::username($request), $request->getClientIp() ?? '');
        if ($seconds > 0) {
            throw new SlowDown($seconds);
        }
    }

    public static function username(Request $request): Username
    {
        return Username::typed(self::given($request, 'username'));
    }

    public static function password(Request $request): string
    {
        return self::given($request, 'password');
    }

    private static function given(Request $request, string $key): string
    {
        $body = json_decode($request->getContent(), true);
        $text = \is_array($body) ? ($body[$key] ?? '') : '';

        return \is_string($text) ? $text : '';
    }
}
