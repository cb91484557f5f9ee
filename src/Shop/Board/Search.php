<?php

declare(strict_types=1);

namespace FreshTack\Shop\Board;

use FreshTack\Shop\Register\Boat;

/** Finds by parts of names, numbers and plates. */
interface Search
{
    public function isEmpty(): bool;

    public function index(Boat $boat): void;

    /** Customers, and engines in store. */
    public function indexOthers(): void;

    /** Boats by name, owner, registration, model or serial number of an engine; customers; engines in store. */
    public function find(string $text): Found;

    /** As `find()`, with at most one wrong, missing, superfluous or swapped letter in each word. */
    public function near(string $text): Found;

    /**
     * Customers by telephone number, and their boats.
     *
     * @param list<string> $numbers digits, each as it may stand in the register
     */
    public function called(array $numbers): Found;

    /** @return list<array{number: int, status: string, boat: string}> orders whose number begins so, the newest first */
    public function orders(string $digits, int $most): array;
}
