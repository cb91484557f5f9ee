<?php

declare(strict_types=1);

namespace FreshTack\Core\Procedure;

/** What was asked already, whatever tasks are picked: what an engine's facts remember, and nobody sees. */
final class Answers
{
    /** @var \WeakMap<Operation, bool> whether it is done at all */
    public \WeakMap $done;
    /** @var \WeakMap<Operation, Called> */
    public \WeakMap $called;
    /** @var \WeakMap<Operation, list<string>> paths that it needs and that nothing answers */
    public \WeakMap $missing;
    /** @var array<string, Figure|null> put into words, by path */
    public array $figures = [];
    /** @var array<string, string|null> for conditions, by path */
    public array $raw = [];
    /** @var array<string, bool> whether anything answers, by path */
    public array $known = [];

    public function __construct()
    {
        $this->done = new \WeakMap();
        $this->called = new \WeakMap();
        $this->missing = new \WeakMap();
    }
}
