<?php

declare(strict_types=1);

namespace FreshTack\Web\Controller;

use FreshTack\Core\ExpectedError;
use FreshTack\Core\Reading\Cursor;
use FreshTack\Shop\Bench\RecordEntries;
use FreshTack\Shop\Bench\StoredEntry;
use FreshTack\Web\Http\BenchRights;
use FreshTack\Web\Http\Body;
use FreshTack\Web\Http\EntryBatch;
use FreshTack\Web\Security\SignedIn;
use FreshTack\Web\View\BenchStateView;
use Psr\Clock\ClockInterface;
use Symfony\Bundle\SecurityBundle\Security;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Security\Http\Attribute\IsGranted;

#[AsController]
#[IsGranted('ROLE_STAFF')]
final readonly class EntriesController
{
    public function __construct(
        private RecordEntries $record,
        private ClockInterface $clock,
        private Security $security,
        private bool $demoMode,
    ) {
    }

    /** @throws ExpectedError */
    #[Route('/api/orders/{number<\d+>}/entries', name: 'entries', methods: ['POST'])]
    public function __invoke(int $number, Request $request, #[CurrentUser] SignedIn $user): JsonResponse
    {
        $mayWork = $this->security->isGranted('ROLE_TECHNICIAN') || $this->security->isGranted('ROLE_WRITER');
        $mayDecide = $this->security->isGranted('ROLE_LEAD');
        $mayDrop = $this->security->isGranted('ROLE_WRITER');
        $batch = Body::read($request, fn (Cursor $body): array => EntryBatch::read(
            $body,
            $user->account->username,
            $this->clock->now(),
            new BenchRights($mayWork, $mayDecide, $mayDrop, $this->demoMode),
        ));

        $uuids = array_map(static fn (StoredEntry $stored): string => $stored->entry->uuid, $batch);
        $view = ($this->record)($number, $batch, $user->account->username);

        return new JsonResponse(BenchStateView::change($view, $user->account->username, $uuids));
    }
}
