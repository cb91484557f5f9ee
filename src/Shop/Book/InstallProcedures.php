<?php

declare(strict_types=1);

namespace FreshTack\Shop\Book;

use FreshTack\Core\Procedure\Procedure;
use FreshTack\Core\Procedure\ProcedureReader;
use FreshTack\Core\Reading\InvalidDocument;
use FreshTack\Exchange\Json;
use FreshTack\Exchange\ProcedureFolder;
use FreshTack\Exchange\Schemas;
use FreshTack\Shop\Account\Account;
use FreshTack\Shop\Audit\AuditLog;
use FreshTack\Shop\Audit\Subject;
use FreshTack\Shop\Conflict;
use FreshTack\Shop\NotFound;
use FreshTack\Shop\Unit;

/**
 * Takes the program's procedures into the book. One that the shop has changed stays as it is; the manager sees it beside
 * the program's, and takes that by pressing so.
 */
final readonly class InstallProcedures
{
    /** Stands in the trail where nobody pressed anything. */
    private const PROGRAM = 'program';

    public function __construct(
        private BookLibrary $library,
        private ProcedureFolder $program,
        private Schemas $schemas,
        private AuditLog $audit,
        private Unit $unit,
    ) {
    }

    /**
     * @return list<string> ids of those that came in, new or in a newer text
     *
     * @throws InvalidDocument if one of the program's does not fit its schema
     * @throws Conflict        if somebody else changes the book again and again
     */
    public function __invoke(): array
    {
        return $this->unit->run(function (): array {
            $known = $this->library->procedures();
            $unchanged = $this->library->unchangedProcedures();
            $taken = [];
            foreach ($this->program->texts() as $id => $text) {
                if (!isset($known[$id]) || (\in_array($id, $unchanged, true) && $known[$id] !== $text)) {
                    $this->take($id, $text, self::PROGRAM, isset($known[$id]));
                    $taken[] = $id;
                }
            }

            return $taken;
        });
    }

    /** @throws NotFound|InvalidDocument */
    public function ofProgram(string $id): Procedure
    {
        return ProcedureReader::read(Json::decode($this->text($id)));
    }

    /** @throws NotFound|InvalidDocument|Conflict */
    public function back(string $id, Account $by): void
    {
        $text = $this->text($id);
        $this->unit->run(fn () => $this->take($id, $text, $by->username, true));
    }

    /** @return array<string, ProcedureOrigin> whose the texts in the book are, by procedure */
    public function origins(): array
    {
        $program = $this->program->texts();
        $origins = [];
        foreach ($this->library->procedures() as $id => $text) {
            $origins[$id] = match ($program[$id] ?? null) {
                null => ProcedureOrigin::Shop,
                $text => ProcedureOrigin::Program,
                default => ProcedureOrigin::Changed,
            };
        }

        return $origins;
    }

    /** @throws NotFound */
    private function text(string $id): string
    {
        return $this->program->texts()[$id] ?? throw NotFound::named('procedure of the program', $id);
    }

    /** @throws InvalidDocument */
    private function take(string $id, string $text, string $by, bool $isKnown): void
    {
        $this->schemas->validate($text, Schemas::PROCEDURE);
        $this->library->installProcedure($id, $text);
        if ($isKnown) {
            $this->audit->add($by, 'procedure.of_program', Subject::procedure($id), ['sha256' => hash('sha256', $text)]);
        }
    }
}
