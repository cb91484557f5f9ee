<?php

declare(strict_types=1);

namespace FreshTack\Web\Controller;

use FreshTack\Core\ExpectedError;
use FreshTack\Core\Finding\Answer;
use FreshTack\Core\Finding\AnswerTable;
use FreshTack\Core\Finding\ShopAnswersReader;
use FreshTack\Core\Reading\Cursor;
use FreshTack\Shop\Bench\SaveAnswers;
use FreshTack\Shop\ShopSettings;
use FreshTack\Web\Http\Body;
use FreshTack\Web\Security\SignedIn;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Security\Http\Attribute\IsGranted;

#[AsController]
#[IsGranted('ROLE_STAFF')]
final readonly class AnswersController
{
    public function __construct(private ShopSettings $settings, private SaveAnswers $save)
    {
    }

    #[Route('/api/policy/answers', name: 'answers', methods: ['GET'])]
    public function show(): JsonResponse
    {
        $shop = $this->settings->answers();
        $looks = AnswerTable::lookedAt();

        return new JsonResponse([
            'version' => $this->settings->version(),
            'looks' => array_map(static fn (string $key, string $label): array => [
                'key' => $key,
                'label' => $label,
                'answers' => array_map(static fn (Answer $answer): array => [
                    ...self::answer($answer),
                    'raised' => ($shop->raised[$answer->code] ?? null)?->value,
                ], AnswerTable::at($key)),
                'own' => array_map(self::answer(...), $shop->added[$key] ?? []),
            ], array_keys($looks), array_values($looks)),
        ]);
    }

    /** @throws ExpectedError */
    #[Route('/api/policy/answers', name: 'save_answers', methods: ['PUT'])]
    #[IsGranted('ROLE_MANAGER')]
    public function change(Request $request, #[CurrentUser] SignedIn $user): JsonResponse
    {
        [$answers, $version] = Body::read($request, static function (Cursor $body): array {
            $body->knowsOnly('answers', 'version');
            $answers = ShopAnswersReader::at($body->at('answers'));
            $version = $body->at('version')->int(1, \PHP_INT_MAX);
            $body->needs('answers', 'version');
            $body->at('answers')->needs('raised', 'added');

            return [$answers, $version];
        });
        ($this->save)($answers, $version, $user->account);

        return $this->show();
    }

    /** @return array<string, string> */
    private static function answer(Answer $answer): array
    {
        return ['code' => $answer->code, 'label' => $answer->label, 'verdict' => $answer->verdict->value, 'meaning' => $answer->meaning];
    }
}
