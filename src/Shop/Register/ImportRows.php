<?php

declare(strict_types=1);

namespace FreshTack\Shop\Register;

use FreshTack\Core\ExpectedError;
use FreshTack\Core\Reading\Flaws;
use FreshTack\Core\Reading\InvalidDocument;
use FreshTack\Exchange\RowFlaws;
use FreshTack\Shop\Conflict;
use FreshTack\Shop\Progress;
use FreshTack\Shop\Unit;

/** Rows of a table, one after the other: first what they would give, then all of them or nothing. */
final readonly class ImportRows
{
    public function __construct(private Unit $unit, private Progress $progress)
    {
    }

    /**
     * @template T
     *
     * @param array<int, T>            $rows by row, as a spreadsheet counts
     * @param \Closure(T): list<string> $take gives what is new by it, in words; nothing: it is known already
     * @param array<string, string>    $columns what a field is called in the file
     *
     * @throws InvalidDocument|Conflict with every flaw, each naming its row
     */
    public function preview(array $rows, \Closure $take, array $columns): RegisterImport
    {
        return $this->unit->trial(fn (): RegisterImport => $this->all($rows, '', $take, $columns));
    }

    /**
     * @template T
     *
     * @param array<int, T>            $rows by row, as a spreadsheet counts
     * @param \Closure(T): list<string> $take gives what is new by it, in words; nothing: it is known already
     * @param array<string, string>    $columns what a field is called in the file
     *
     * @throws InvalidDocument|Conflict with every flaw; nothing is written then
     */
    public function apply(array $rows, string $token, \Closure $take, array $columns): RegisterImport
    {
        return $this->unit->run(fn (): RegisterImport => $this->all($rows, $token, $take, $columns));
    }

    /**
     * @template T
     *
     * @param array<int, T>            $rows
     * @param \Closure(T): list<string> $take
     * @param array<string, string>    $columns
     *
     * @throws InvalidDocument
     */
    private function all(array $rows, string $token, \Closure $take, array $columns): RegisterImport
    {
        $flaws = new Flaws();
        $new = [];
        $done = $same = 0;
        foreach ($rows as $number => $row) {
            try {
                $told = $take($row);
                $new = [...$new, ...$told];
                $same += [] === $told ? 1 : 0;
            } catch (InvalidDocument $error) {
                RowFlaws::add($error, $number, $flaws, $columns);
            } catch (ExpectedError $error) {
                $flaws->add("/rows/$number", \sprintf('Row %d: %s', $number, $error->getMessage()));
            }
            $this->progress->tell($token, ++$done, \count($rows));
        }
        $flaws->throwIfAny();

        return new RegisterImport($new, $same);
    }
}
