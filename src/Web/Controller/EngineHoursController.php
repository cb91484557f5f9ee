<?php

declare(strict_types=1);

namespace FreshTack\Web\Controller;

use FreshTack\Core\Due\Declined;
use FreshTack\Core\ExpectedError;
use FreshTack\Core\Reading\Cursor;
use FreshTack\Core\Reading\Width;
use FreshTack\Core\Schedule\Action;
use FreshTack\Core\SpecBook\Task;
use FreshTack\Shop\Register\CollectReports;
use FreshTack\Shop\Register\DeclineTask;
use FreshTack\Shop\Register\EnterReading;
use FreshTack\Shop\Register\HoursImport;
use FreshTack\Shop\Register\ImportHours;
use FreshTack\Shop\Register\NewReading;
use FreshTack\Shop\Register\RecordServed;
use FreshTack\Shop\Register\TakeReport;
use FreshTack\Web\Http\Body;
use FreshTack\Web\Http\Once;
use FreshTack\Web\Http\RegisterBody;
use FreshTack\Web\Http\SessionLock;
use FreshTack\Web\Http\Upload;
use FreshTack\Web\Security\SignedIn;
use FreshTack\Web\View\BoatView;
use FreshTack\Web\View\EngineLogView;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Security\Http\Attribute\IsGranted;

/** What is written down of engines: hours, work done elsewhere, work that was declined. */
#[AsController]
#[IsGranted('ROLE_STAFF')]
final readonly class EngineHoursController
{
    public function __construct(private EnterReading $enter, private TakeReport $report, private ImportHours $import, private CollectReports $collect, private RecordServed $served, private DeclineTask $decline)
    {
    }

    /** @throws ExpectedError */
    #[Route('/api/engines/{id<\d+>}/readings', name: 'enter_reading', methods: ['POST'])]
    #[Once]
    public function enter(int $id, Request $request, #[CurrentUser] SignedIn $user): JsonResponse
    {
        $reading = Body::read($request, static fn (Cursor $body): NewReading => RegisterBody::reading($body));

        return new JsonResponse(BoatView::reading(($this->enter)($id, $reading, $user->account->username)), Response::HTTP_CREATED);
    }

    /** @throws ExpectedError */
    #[Route('/api/engines/{id<\d+>}/reader', name: 'ask_reader', methods: ['POST'])]
    public function ask(int $id, Request $request, #[CurrentUser] SignedIn $user): JsonResponse
    {
        SessionLock::release($request);
        $sure = Body::read($request, static fn (Cursor $body): bool => $body->at('sure')->bool());

        return new JsonResponse(EngineLogView::report($this->report->ask($id, $sure, $user->account->username)), Response::HTTP_CREATED);
    }

    /** @throws ExpectedError */
    #[Route('/api/engines/{id<\d+>}/services', name: 'record_served', methods: ['POST'])]
    #[Once]
    #[IsGranted('ROLE_WRITER')]
    public function served(int $id, Request $request, #[CurrentUser] SignedIn $user): Response
    {
        [$task, $action, $on, $hours, $evidence] = Body::read($request, static fn (Cursor $body): array => [
            $body->at('task')->enum(Task::class),
            $body->at('action')->isNull() ? null : $body->at('action')->enum(Action::class),
            $body->at('on')->day(),
            $body->at('hours')->isNull() || '' === $body->at('hours')->raw() ? null : RegisterBody::hours($body->at('hours')),
            $body->at('evidence')->string(Width::EVIDENCE),
        ]);
        ($this->served)($id, $task, $action, $on, $hours, $evidence, $user->account->username);

        return new Response(status: Response::HTTP_NO_CONTENT);
    }

    /** @throws ExpectedError */
    #[Route('/api/engines/{id<\d+>}/refusals', name: 'decline_task', methods: ['POST'])]
    #[Once]
    #[IsGranted('ROLE_WRITER')]
    public function decline(int $id, Request $request, #[CurrentUser] SignedIn $user): Response
    {
        $declined = Body::read($request, static fn (Cursor $body): Declined => new Declined($body->at('task')->enum(Task::class), $body->at('on')->day(), $body->at('note')->optionalString(200) ?? ''));
        ($this->decline)($id, $declined, $user->account->username);

        return new Response(status: Response::HTTP_NO_CONTENT);
    }

    /** @throws ExpectedError */
    #[Route('/api/hours/imports', name: 'import_hours', methods: ['POST'])]
    #[Once]
    #[IsGranted('ROLE_WRITER')]
    public function import(Request $request, #[CurrentUser] SignedIn $user): JsonResponse
    {
        SessionLock::release($request);
        $csv = Upload::bytes($request);
        $by = $user->account->username;

        return new JsonResponse(self::told($request->query->getBoolean('apply') ? $this->import->apply($csv, $request->query->getString('token'), $by) : $this->import->preview($csv, $by)));
    }

    #[Route('/api/hours/collections', name: 'collect_reports', methods: ['POST'])]
    #[IsGranted('ROLE_WRITER')]
    public function collect(#[CurrentUser] SignedIn $user): JsonResponse
    {
        return new JsonResponse(['files' => ($this->collect)($user->account->username)]);
    }

    /** @return array<string, mixed> */
    private static function told(HoursImport $import): array
    {
        return [
            'new' => $import->new,
            'same' => $import->same,
            'readings' => array_map(static fn (array $reading): array => ['row' => $reading['row'], 'serial' => $reading['serial'], 'on' => $reading['on']->format('Y-m-d'), 'hours' => $reading['hours']->text()], $import->readings),
        ];
    }
}
