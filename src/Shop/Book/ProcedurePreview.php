<?php

declare(strict_types=1);

namespace FreshTack\Shop\Book;

use FreshTack\Core\Procedure\EngineFacts;
use FreshTack\Core\Procedure\Operation;
use FreshTack\Core\Procedure\Procedure;

final readonly class ProcedurePreview
{
    /**
     * @param list<Operation> $skipped that this engine does not call for
     * @param list<string>    $holes   paths of slots that the sheet can't answer
     */
    public function __construct(public Procedure $procedure, public EngineFacts $facts, public array $skipped, public array $holes)
    {
    }
}
