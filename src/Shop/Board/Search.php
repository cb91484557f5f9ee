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

    /** @return list<int> boats by name, owner, registration, model or serial number of an engine */
    public function boats(string $text, int $most): array;

    /** @return list<int> */
    public function customers(string $text, int $most): array;

    /** @return list<int> engines in store */
    public function engines(string $text, int $most): array;

    /** @return list<array{number: int, status: string, boat: string}> orders whose number begins so, the newest first */
    public function orders(string $digits, int $most): array;
}
