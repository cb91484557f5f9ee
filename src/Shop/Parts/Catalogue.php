<?php

declare(strict_types=1);

namespace FreshTack\Shop\Parts;

use FreshTack\Core\Parts\CataloguePart;
use FreshTack\Shop\Conflict;
use FreshTack\Shop\NotFound;

/** The parts that the shop knows, by number. */
interface Catalogue
{
    /** @return array<string, CataloguePart> all of them, by number */
    public function all(): array;

    /**
     * @param list<string> $numbers
     *
     * @return array<string, CataloguePart> those of them that it knows, by number
     */
    public function find(array $numbers): array;

    /**
     * @return list<CataloguePart> whose number, or a word of whose description, begins with the text; by number
     */
    public function search(string $text, int $most): array;

    /** @throws NotFound */
    public function get(string $number): CataloguePart;

    /** @throws NotFound */
    public function version(string $number): int;

    /**
     * @param list<string> $numbers
     *
     * @return list<string> those that the catalogue does not know
     */
    public function unknown(array $numbers): array;

    /**
     * The part and those whose place it took, from the oldest, then those that took its own; each with its description.
     *
     * @return list<CataloguePart>
     */
    public function chain(string $number): array;

    /** @return list<CataloguePart> kits that hold it */
    public function kitsWith(string $number): array;

    /**
     * @param int|null $version null for a new part
     *
     * @throws Conflict if it was changed meanwhile, or a new one is there already
     */
    public function save(CataloguePart $part, ?int $version): void;

    /**
     * Writes many at once, new and changed.
     *
     * @param list<CataloguePart>  $parts
     * @param \Closure(int): void $progress told how many are written
     */
    public function write(array $parts, \Closure $progress): void;
}
