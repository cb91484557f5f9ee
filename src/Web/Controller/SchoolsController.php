<?php

declare(strict_types=1);

namespace FreshTack\Web\Controller;

use FreshTack\Core\ExpectedError;
use FreshTack\Core\Policy\Question;
use FreshTack\Core\Policy\School;
use FreshTack\Core\Policy\Schools;
use FreshTack\Core\Policy\SchoolsReader;
use FreshTack\Core\Reading\Cursor;
use FreshTack\Shop\Order\ChangedDraft;
use FreshTack\Shop\Order\SaveSchools;
use FreshTack\Shop\Order\SchoolEffects;
use FreshTack\Shop\ShopSettings;
use FreshTack\Web\Http\Body;
use FreshTack\Web\Http\SessionLock;
use FreshTack\Web\Security\SignedIn;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Security\Http\Attribute\IsGranted;

#[AsController]
#[IsGranted('ROLE_STAFF')]
final readonly class SchoolsController
{
    public function __construct(private ShopSettings $settings, private SaveSchools $save, private SchoolEffects $effects)
    {
    }

    #[Route('/api/policy/schools', name: 'schools', methods: ['GET'])]
    public function show(): JsonResponse
    {
        $schools = $this->settings->schools();

        return new JsonResponse([
            'version' => $this->settings->version(),
            'questions' => array_map(static fn (Question $question): array => [
                'id' => $question->value,
                'title' => $question->title(),
                'changes' => $question->changes(),
                'answer' => $schools->answer($question)->code,
                'standard' => $question->standard()->code,
                'schools' => array_map(static fn (School $school): array => ['code' => $school->code, 'name' => $school->name, 'reason' => $school->reason, 'refused' => $school->refused], $question->schools()),
            ], Question::cases()),
        ]);
    }

    /** @throws ExpectedError */
    #[Route('/api/policy/schools/effects', name: 'school_effects', methods: ['POST'])]
    #[IsGranted('ROLE_MANAGER')]
    public function effects(Request $request): JsonResponse
    {
        SessionLock::release($request);
        $schools = Body::read($request, static fn (Cursor $body): Schools => SchoolsReader::at($body->at('answers')));
        $changed = ($this->effects)($schools);

        return new JsonResponse(['drafts' => array_map(static fn (ChangedDraft $draft): array => ['number' => $draft->number, 'boat' => $draft->boat, 'differences' => $draft->differences], $changed)]);
    }

    /** @throws ExpectedError */
    #[Route('/api/policy/schools', name: 'save_schools', methods: ['PUT'])]
    #[IsGranted('ROLE_MANAGER')]
    public function change(Request $request, #[CurrentUser] SignedIn $user): JsonResponse
    {
        [$schools, $version] = Body::read(
            $request,
            static fn (Cursor $body): array => [SchoolsReader::whole($body->at('answers')), $body->at('version')->int(1, \PHP_INT_MAX)],
        );
        ($this->save)($schools, $version, $user->account);

        return $this->show();
    }
}
