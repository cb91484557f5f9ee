<?php

declare(strict_types=1);

namespace FreshTack\Web\Controller;

use FreshTack\Core\ExpectedError;
use FreshTack\Core\Reading\Cursor;
use FreshTack\Shop\Account\NewAccount;
use FreshTack\Shop\Account\Password;
use FreshTack\Shop\Account\Role;
use FreshTack\Shop\FirstRun\OpenShop;
use FreshTack\Shop\FirstRun\SetUpCode;
use FreshTack\Shop\Settings\Premises;
use FreshTack\Web\Http\Body;
use FreshTack\Web\Security\SignedIn;
use FreshTack\Web\View\AccountView;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\PasswordHasher\Hasher\PasswordHasherFactoryInterface;
use Symfony\Component\Routing\Attribute\Route;

/** The first page of a shop that nobody has opened yet; whoever has the code of the terminal becomes its first manager. */
#[AsController]
final readonly class FirstRunController
{
    public function __construct(private OpenShop $open, private PasswordHasherFactoryInterface $hashers)
    {
    }

    /** @throws ExpectedError */
    #[Route('/api/first-run', name: 'first_run', methods: ['POST'])]
    public function __invoke(Request $request): JsonResponse
    {
        [$code, $premises, $manager, $password] = Body::read($request, self::read(...));
        $hash = $this->hashers->getPasswordHasher(SignedIn::class)->hash(...);

        return new JsonResponse(AccountView::of(($this->open)($code, $premises, $manager, $password, $hash)), Response::HTTP_CREATED);
    }

    /** @return array{SetUpCode, Premises, NewAccount, Password} */
    private static function read(Cursor $body): array
    {
        $body->knowsOnly('code', 'shop', 'manager');
        $body->at('shop')->needs('country', 'paper');
        $manager = NewAccount::at($body->at('manager'), Role::Manager);

        return [
            SetUpCode::typed($body->at('code')->string(20)),
            Premises::at($body->at('shop')),
            $manager,
            Password::at($body->at('manager')->at('password'), $manager->username),
        ];
    }
}
