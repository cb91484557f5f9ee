<?php

declare(strict_types=1);

namespace FreshTack\Storage;

use FreshTack\Core\ExpectedError;
use FreshTack\Exchange\Json;

/** Documents come back from the database as they went in; one that does not is our fault, not the user's. */
final readonly class StoredJson
{
    /** @return array<mixed> */
    public static function map(string $document, string $table, string $id): array
    {
        try {
            $decoded = Json::decode($document);
        } catch (ExpectedError $error) {
            throw CorruptRecord::in($table, $id, $error->getMessage(), $error);
        }

        return \is_array($decoded) ? $decoded : throw CorruptRecord::in($table, $id, 'no object');
    }
}
