<?php

declare(strict_types=1);

namespace FreshTack\Shop\Book;

use FreshTack\Core\Reading\Cursor;
use FreshTack\Core\Reading\Flaws;
use FreshTack\Core\Reading\InvalidDocument;
use FreshTack\Core\SpecBook\EngineModel;
use FreshTack\Core\SpecBook\ModelReader;
use FreshTack\Exchange\Json;
use FreshTack\Shop\Account\Account;
use FreshTack\Shop\Audit\AuditLog;
use FreshTack\Shop\Audit\Subject;

/** Models that the book does not know yet. One that it knows otherwise is refused: sheets and engines rest on it. */
final readonly class ImportModels
{
    public function __construct(private SpecBook $book, private BookLibrary $library, private AuditLog $audit)
    {
    }

    /** @return list<BookChange> */
    public function take(?string $text, Account $by, Flaws $flaws): array
    {
        if (null === $text) {
            return [];
        }

        try {
            $cursor = Cursor::over(Json::read($text));
            $models = ModelReader::all($cursor);
            $cursor->flaws->throwIfAny();
        } catch (InvalidDocument $error) {
            foreach ($error->flaws as $flaw) {
                $flaws->add('/models.json'.$flaw->pointer, $flaw->message);
            }

            return [];
        }

        return array_map(fn (EngineModel $model): BookChange => $this->model($model, $by, $flaws), $models);
    }

    private function model(EngineModel $model, Account $by, Flaws $flaws): BookChange
    {
        $known = $this->book->model($model->code);
        if (null === $known) {
            $this->library->addModel($model);
            $this->audit->add($by->username, 'model.added', Subject::model($model->code));

            return new BookChange('model '.$model->code, 'new');
        }
        if (get_object_vars($known) !== get_object_vars($model)) {
            $flaws->add(
                '/models.json',
                \sprintf('%s is in the book with another maker, cycle or serial pattern (%s).', $model->code, $known->serialShape()),
            );
        }

        return new BookChange('model '.$model->code, 'same');
    }
}
