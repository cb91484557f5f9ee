<?php

declare(strict_types=1);

namespace FreshTack\Shop\Book;

use FreshTack\Core\Procedure\ProcedureReader;
use FreshTack\Core\Reading\InvalidDocument;
use FreshTack\Exchange\Json;
use FreshTack\Exchange\Schemas;
use FreshTack\Shop\Account\Account;
use FreshTack\Shop\Audit\AuditLog;
use FreshTack\Shop\Audit\Subject;

/** A procedure, new or in place of the one of the same name; orders already issued keep theirs. */
final readonly class ImportProcedures
{
    public function __construct(private BookLibrary $library, private Schemas $schemas, private AuditLog $audit)
    {
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
}
