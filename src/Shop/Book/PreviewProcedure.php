<?php

declare(strict_types=1);

namespace FreshTack\Shop\Book;

use FreshTack\Core\Procedure\EngineFacts;
use FreshTack\Core\Procedure\FactPath;
use FreshTack\Core\Procedure\Operation;
use FreshTack\Core\Procedure\Procedure;
use FreshTack\Core\Procedure\ProcedureReader;
use FreshTack\Core\Reading\InvalidDocument;
use FreshTack\Shop\NotFound;

/** A procedure with one sheet's figures in its slots. What an order works out, such as the grade, is left as a blank with its name. */
final readonly class PreviewProcedure
{
    public function __construct(private SpecBook $book, private Revisions $revisions)
    {
    }

    /**
     * @return list<Procedure> in the book's order
     *
     * @throws InvalidDocument
     */
    public function all(): array
    {
        return array_map(ProcedureReader::read(...), $this->book->procedures());
    }

    /**
     * @param Procedure|null $procedure null: that of the book
     *
     * @throws NotFound|InvalidDocument
     */
    public function __invoke(string $id, string $sheetId, int $revision, ?Procedure $procedure = null): ProcedurePreview
    {
        $procedure ??= array_values(array_filter($this->all(), static fn (Procedure $each): bool => $id === $each->id))[0]
            ?? throw NotFound::named('procedure', $id);
        $sheet = $this->revisions->resolved($sheetId, $revision);
        $facts = EngineFacts::ofSheet($sheet);
        $skipped = array_values(array_filter(
            $procedure->operations,
            static fn (Operation $operation): bool => !$operation->calling->when->holds($facts),
        ));
        $holes = array_values(array_filter(
            $procedure->holes($facts),
            static fn (string $path): bool => !FactPath::isWorked($path),
        ));

        return new ProcedurePreview($procedure, $facts, $skipped, $holes);
    }
}
