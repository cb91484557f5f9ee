<?php

declare(strict_types=1);

namespace FreshTack\Web\Controller;

use FreshTack\Core\ExpectedError;
use FreshTack\Core\Reading\Cursor;
use FreshTack\Shop\Account\Account;
use FreshTack\Shop\Account\Accounts;
use FreshTack\Shop\Account\GivePasswordLink;
use FreshTack\Shop\Account\KeepAccounts;
use FreshTack\Shop\Account\NewAccount;
use FreshTack\Shop\Account\Username;
use FreshTack\Shop\Audit\Trail;
use FreshTack\Shop\NotFound;
use FreshTack\Shop\Reminder\MailPasswordLink;
use FreshTack\Shop\Reminder\NotSent;
use FreshTack\Web\Http\Body;
use FreshTack\Web\Http\Once;
use FreshTack\Web\Security\SignedIn;
use FreshTack\Web\View\AccountView;
use FreshTack\Web\View\TrailView;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Security\Http\Attribute\IsGranted;

/** Who works in the shop, as the manager keeps it. */
#[AsController]
#[IsGranted('ROLE_MANAGER')]
final readonly class PeopleController
{
    private const MOST_LINES = 100;

    public function __construct(
        private Accounts $accounts,
        private KeepAccounts $keep,
        private GivePasswordLink $link,
        private MailPasswordLink $mail,
        private Trail $trail,
    ) {
    }

    #[Route('/api/people', name: 'people', methods: ['GET'])]
    public function all(): JsonResponse
    {
        return new JsonResponse(['people' => array_map(AccountView::kept(...), $this->accounts->all())]);
    }

    #[Route('/api/trail', name: 'trail', methods: ['GET'])]
    public function trail(): JsonResponse
    {
        return new JsonResponse(['lines' => array_map(TrailView::of(...), $this->trail->ofShop(self::MOST_LINES))]);
    }

    /** @throws ExpectedError */
    #[Route('/api/people', name: 'add_person', methods: ['POST'])]
    #[Once]
    public function add(Request $request, #[CurrentUser] SignedIn $user): JsonResponse
    {
        $new = Body::read($request, static function (Cursor $body): NewAccount {
            $body->knowsOnly('username', 'name', 'role', 'lead', 'email');
            $body->needs('lead', 'email');

            return NewAccount::at($body);
        });
        $this->keep->invite($new, $user->account->username);

        return $this->linked($new->username, $user, Response::HTTP_CREATED);
    }

    /** @throws ExpectedError */
    #[Route('/api/people/{username}', name: 'change_person', methods: ['PUT'])]
    public function change(string $username, Request $request, #[CurrentUser] SignedIn $user): JsonResponse
    {
        [$as, $was] = Body::read($request, static function (Cursor $body) use ($username): array {
            $body->knowsOnly('as', 'was');

            return [self::person($body->at('as'), $username), self::person($body->at('was'), $username)];
        });
        $this->keep->change($as, $was, $user->account->username);

        return $this->all();
    }

    /** @throws ExpectedError */
    #[Route('/api/people/{username}/lock', name: 'lock_person', methods: ['PUT'])]
    public function lock(string $username, Request $request, #[CurrentUser] SignedIn $user): JsonResponse
    {
        $locked = Body::read($request, static function (Cursor $body): bool {
            $body->knowsOnly('locked');

            return $body->at('locked')->bool();
        });
        $this->keep->lock(Username::typed($username), $locked, $user->account->username);

        return $this->all();
    }

    /** @throws ExpectedError */
    #[Route('/api/people/{username}/sign-out', name: 'sign_out_person', methods: ['POST'])]
    #[Once]
    public function signOut(string $username, #[CurrentUser] SignedIn $user): JsonResponse
    {
        $this->keep->signOut(Username::typed($username), $user->account->username);

        return $this->all();
    }

    /** @throws ExpectedError */
    #[Route('/api/people/{username}/link', name: 'link_person', methods: ['POST'])]
    public function link(string $username, #[CurrentUser] SignedIn $user): JsonResponse
    {
        return $this->linked(Username::typed($username), $user, Response::HTTP_OK);
    }

    /** @throws ExpectedError */
    private function linked(Username $username, SignedIn $user, int $status): JsonResponse
    {
        $token = $this->link->to($username, $user->account->username);
        $account = $this->accounts->find($username) ?? throw NotFound::named('account', $username->text);

        return new JsonResponse([
            'person' => AccountView::kept($account),
            'link' => '/password/'.$token,
            'mailed' => $this->mailed($account, $token),
        ], $status);
    }

    private function mailed(Account $account, string $token): bool
    {
        try {
            $this->mail->send($account, $token);

            return true;
        } catch (NotSent) {
            return false;
        }
    }

    private static function person(Cursor $at, string $username): NewAccount
    {
        $at->knowsOnly('name', 'role', 'lead', 'email');
        $at->needs('lead', 'email');

        return NewAccount::at($at, username: Username::typed($username));
    }
}
