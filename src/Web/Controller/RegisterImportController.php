<?php

declare(strict_types=1);

namespace FreshTack\Web\Controller;

use FreshTack\Core\ExpectedError;
use FreshTack\Exchange\CsvTable;
use FreshTack\Exchange\HoursCsv;
use FreshTack\Exchange\PartsCsv;
use FreshTack\Exchange\RegisterCsv;
use FreshTack\Exchange\ServicesCsv;
use FreshTack\Shop\NotFound;
use FreshTack\Shop\Register\ImportRegister;
use FreshTack\Shop\Register\ImportServices;
use FreshTack\Shop\Register\RegisterImport;
use FreshTack\Web\Http\Download;
use FreshTack\Web\Http\Once;
use FreshTack\Web\Http\SessionLock;
use FreshTack\Web\Http\Upload;
use FreshTack\Web\Security\SignedIn;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Security\Http\Attribute\IsGranted;

/** A shop's boats and what was last done on them, from tables that it has already. */
#[AsController]
#[IsGranted('ROLE_WRITER')]
final readonly class RegisterImportController
{
    public function __construct(private ImportRegister $boats, private ImportServices $services)
    {
    }

    /** @throws ExpectedError */
    #[Route('/api/register/imports', name: 'import_register', methods: ['POST'])]
    #[Once]
    public function boats(Request $request, #[CurrentUser] SignedIn $user): JsonResponse
    {
        SessionLock::release($request);
        $csv = Upload::bytes($request);
        $by = $user->account->username;

        return self::told($request->query->getBoolean('apply')
            ? $this->boats->apply($csv, $request->query->getString('token'), $by)
            : $this->boats->preview($csv, $by));
    }

    /** @throws ExpectedError */
    #[Route('/api/services/imports', name: 'import_services', methods: ['POST'])]
    #[Once]
    public function services(Request $request, #[CurrentUser] SignedIn $user): JsonResponse
    {
        SessionLock::release($request);
        $csv = Upload::bytes($request);
        $by = $user->account->username;

        return self::told($request->query->getBoolean('apply')
            ? $this->services->apply($csv, $request->query->getString('token'), $by)
            : $this->services->preview($csv, $by));
    }

    /** @throws NotFound */
    #[Route('/api/templates/{name<[a-z]+>}.csv', name: 'template', methods: ['GET'])]
    public function template(string $name): Response
    {
        $csv = match ($name) {
            'boats' => RegisterCsv::template(),
            'services' => ServicesCsv::template(),
            'hours' => CsvTable::headings(...HoursCsv::HEADINGS),
            'parts' => CsvTable::headings(...PartsCsv::HEADINGS, ...PartsCsv::OPTIONAL),
            default => throw NotFound::named('template', $name),
        };

        return Download::of($csv, 'text/csv', $name.'.csv');
    }

    private static function told(RegisterImport $import): JsonResponse
    {
        return new JsonResponse(['new' => $import->new, 'same' => $import->same]);
    }
}
