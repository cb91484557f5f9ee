<?php

declare(strict_types=1);

namespace FreshTack\Shop\Book;

use FreshTack\Core\Reading\InvalidDocument;
use FreshTack\Core\SpecBook\EngineModel;
use FreshTack\Shop\Account\Account;
use FreshTack\Shop\Audit\AuditLog;
use FreshTack\Shop\Audit\Subject;
use FreshTack\Shop\Conflict;
use FreshTack\Shop\Due\MarkStale;
use FreshTack\Shop\Unit;

/** A model that the book does not know yet, and how its serial numbers are written. */
final readonly class AddModel
{
    public function __construct(private SpecBook $book, private BookLibrary $library, private MarkStale $stale, private AuditLog $audit, private Unit $unit)
    {
    }

    /** @throws InvalidDocument|Conflict if the book knows it already */
    public function __invoke(EngineModel $model, Account $by): void
    {
        $this->unit->run(function () use ($model, $by): true {
            $known = $this->book->model($model->code);
            if (null !== $known) {
                throw InvalidDocument::at('/code', \sprintf('The book knows the %s already: serial numbers are %s.', $known->code, $known->serialShape()));
            }
            $this->library->addModel($model);
            ($this->stale)([$model->code]);
            $this->audit->add($by->username, 'model.added', Subject::model($model->code));

            return true;
        });
    }
}
