<?php

declare(strict_types=1);

namespace FreshTack\Storage\Demo;

use FreshTack\Core\Reading\InvalidDocument;
use FreshTack\Core\SpecBook\SheetReader;
use FreshTack\Exchange\Json;
use FreshTack\Exchange\Schemas;
use FreshTack\Storage\SheetWriter;
use Psr\Clock\ClockInterface;

/** Takes a spec sheet of the demo into the book. */
final readonly class SheetImporter
{
    public function __construct(private SheetWriter $writer, private Schemas $schemas, private ClockInterface $clock)
    {
    }

    /** @throws InvalidDocument if the sheet does not fit its schema, or its reader refuses it */
    public function import(string $json): void
    {
        $this->schemas->validate($json, Schemas::SPEC_SHEET);
        $document = Json::decode($json);
        $sheet = SheetReader::read($document);
        $this->writer->insert($sheet, \is_array($document) ? $document : [], $this->clock->now());
    }
}
