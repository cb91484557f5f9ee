<?php

declare(strict_types=1);

namespace FreshTack\Shop\Order;

use FreshTack\Core\Bench\Entry;
use FreshTack\Core\Bench\TaskOutcome;
use FreshTack\Shop\Bench\StoredEntry;
use FreshTack\Shop\Bench\Tally;
use FreshTack\Shop\Conflict;
use FreshTack\Shop\NotFound;

interface Orders
{
    public function open(int $boatId, Draft $draft, Brought $brought, string $by, \DateTimeImmutable $at): OrderFile;

    /**
     * What the check-in of this order wrote into the register.
     *
     * @throws NotFound
     */
    public function brought(int $number): Brought;

    /** @throws NotFound|Conflict if the version is not the current one */
    public function close(int $number, int $version, OrderStatus $to, Closing $closing): OrderFile;

    /** @throws NotFound */
    public function reopen(int $number, OrderStatus $to): OrderFile;

    /** @throws NotFound */
    public function get(int $number): OrderFile;

    /**
     * As `get()`, and nobody else can enter or release at this order until the unit of work ends: entries are judged
     * one after the other, even from two tablets at once.
     *
     * @throws NotFound
     */
    public function getForWork(int $number): OrderFile;

    /** @return list<OrderFile> at the counter, newest first */
    public function drafts(): array;

    /** @return list<OrderFile> at the bench, of which nobody has counted how far they are */
    public function untallied(): array;

    /** @return list<OrderFile> issued and not released, with their documents */
    public function underWork(): array;

    /** @return list<OrderFile> of one boat, drafts and those issued and not released, newest first */
    public function openOf(int $boatId): array;

    /** @return list<OrderFile> of one boat, newest first */
    public function ofBoat(int $boatId): array;

    /** @throws NotFound|Conflict if the version is not the current one */
    public function saveDraft(int $number, int $version, Draft $draft): OrderFile;

    /**
     * @return array<mixed>|null the canonical request that it was issued from; null: it was not issued
     *
     * @throws NotFound
     */
    public function request(int $number): ?array;

    /** @throws NotFound|Conflict if the version is not the current one */
    public function freeze(int $number, int $version, FrozenOrder $frozen, string $by, \DateTimeImmutable $at): OrderFile;

    /**
     * Freezes an issued order anew, on which nobody has worked yet.
     *
     * @throws NotFound
     */
    public function refreeze(int $number, FrozenOrder $frozen, string $by, \DateTimeImmutable $at): OrderFile;

    /** @throws NotFound */
    public function setProgress(int $number, OrderStatus $status, Tally $tally): void;

    /**
     * @param list<TaskOutcome> $outcomes how each task ended
     *
     * @throws NotFound|Conflict if the version is not the current one
     */
    public function release(int $number, int $version, string $record, array $outcomes, string $by, \DateTimeImmutable $at): OrderFile;

    /** @return list<Entry> in the order in which they came */
    public function entries(int $number): array;

    /** Whether an entry of any order has this uuid. */
    public function knowsEntry(string $uuid): bool;

    /** @throws NotFound */
    public function addEntry(int $number, StoredEntry $entry): void;
}
