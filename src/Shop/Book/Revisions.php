<?php

declare(strict_types=1);

namespace FreshTack\Shop\Book;

use FreshTack\Core\SpecBook\SpecSheet;
use FreshTack\Shop\Conflict;
use FreshTack\Shop\NotFound;

/** The sheets of the book, revision by revision, as they are written and read. */
interface Revisions
{
    /** @throws NotFound */
    public function get(string $id, int $revision): Revision;

    /** @return list<RevisionLine> newest first; empty if there is no such sheet */
    public function of(string $id): array;

    /** @return list<RevisionLine> of sheets whose name, maker or model begins with the text; by maker, name and revision */
    public function search(string $text, int $most): array;

    /**
     * The sheet with what it takes from its family.
     *
     * @throws NotFound
     */
    public function resolved(string $id, int $revision): SpecSheet;

    /**
     * @param array<mixed> $document valid
     *
     * @throws Conflict if there is such a revision already
     */
    public function add(array $document, \DateTimeImmutable $at): Revision;

    /**
     * @param array<mixed> $document valid, of the same sheet and revision
     *
     * @throws NotFound|Conflict if the version is not the current one
     */
    public function replace(string $id, int $revision, int $version, array $document, \DateTimeImmutable $at): Revision;

    /** @throws NotFound|Conflict if the version is not the current one */
    public function remove(string $id, int $revision, int $version): void;
}
