<?php

declare(strict_types=1);

namespace FreshTack\Shop\Book;

use FreshTack\Core\Order\PlannableBook;
use FreshTack\Core\Plan\CannotPlan;
use FreshTack\Core\Plan\GateBroken;
use FreshTack\Core\Procedure\Procedure;
use FreshTack\Core\Procedure\ProcedureReader;
use FreshTack\Core\Reading\InvalidDocument;
use FreshTack\Core\SpecBook\Task;
use FreshTack\Exchange\Json;
use FreshTack\Exchange\Schemas;
use FreshTack\Shop\Account\Account;
use FreshTack\Shop\Audit\AuditLog;
use FreshTack\Shop\Audit\Subject;

/** A procedure, new or in place of the one of the same name; orders already issued keep theirs. */
final readonly class ImportProcedures
{
    public function __construct(
        private BookLibrary $library,
        private SpecBook $book,
        private Schemas $schemas,
        private AuditLog $audit,
        private PlannableBook $plans,
    ) {
    }

    /** @throws InvalidDocument with every flaw and where it stands */
    public function take(string $text, Account $by): BookChange
    {
        $decoded = Json::read($text);
        $procedure = ProcedureReader::read($decoded);
        $this->schemas->validate($text, Schemas::PROCEDURE);
        $known = $this->library->procedures();
        if (isset($known[$procedure->id]) && Json::encode(Json::decode($known[$procedure->id])) === Json::encode($decoded)) {
            return new BookChange('procedure '.$procedure->id, 'same');
        }
        foreach ($known as $id => $other) {
            if ($id !== $procedure->id && null !== $procedure->task && $procedure->task === ProcedureReader::read(Json::decode($other))->task) {
                throw InvalidDocument::at('/task', \sprintf('The procedure %s does this task already.', $id));
            }
        }
        $kind = isset($known[$procedure->id]) ? 'changed' : 'new';
        $this->library->putProcedure($procedure->id, $text);
        $action = 'new' === $kind ? 'procedure.added' : 'procedure.changed';
        $this->audit->add($by->username, $action, Subject::procedure($procedure->id), ['sha256' => hash('sha256', $text)]);

        return new BookChange('procedure '.$procedure->id, $kind);
    }

    /**
     * Procedures that were taken in must be such that a plan can do them, on every published sheet, alone and with all
     * the others.
     *
     * @param list<string> $texts those that were taken in
     *
     * @throws InvalidDocument if none can; the steps that bar each other's way are named
     */
    public function plan(array $texts): void
    {
        $read = static fn (string $text): Procedure => ProcedureReader::read(Json::decode($text));
        $tasks = array_filter(array_map(static fn (string $text): ?Task => $read($text)->task, $texts));
        $sheets = $this->book->published();
        try {
            $this->plans->check(array_values(array_map($read, $this->library->procedures())), $sheets, array_values($tasks));
        } catch (GateBroken|CannotPlan $error) {
            throw InvalidDocument::at('/operations', $error->getMessage());
        }
    }
}
