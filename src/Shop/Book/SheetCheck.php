<?php

declare(strict_types=1);

namespace FreshTack\Shop\Book;

use FreshTack\Core\Reading\Cursor;
use FreshTack\Core\Reading\Flaws;
use FreshTack\Core\Reading\InvalidDocument;
use FreshTack\Core\SpecBook\BaseSheet;
use FreshTack\Core\SpecBook\EngineModel;
use FreshTack\Core\SpecBook\SerialNumber;
use FreshTack\Core\SpecBook\SerialRange;
use FreshTack\Core\SpecBook\SheetHead;
use FreshTack\Core\SpecBook\SheetReader;
use FreshTack\Core\SpecBook\SheetStatus;
use FreshTack\Core\SpecBook\SheetValue;
use FreshTack\Core\SpecBook\SpecSheet;
use FreshTack\Exchange\Schemas;
use FreshTack\Exchange\SheetDocument;
use FreshTack\Shop\Parts\Catalogue;

/** Whether a sheet may stand in this shop's book: in itself, and against the models, parts and families that the book knows. */
final readonly class SheetCheck
{
    public function __construct(private SpecBook $book, private Catalogue $catalogue, private Revisions $revisions, private Schemas $schemas)
    {
    }

    /**
     * @param array<mixed> $document
     *
     * @throws InvalidDocument with every flaw and where it stands
     */
    public function read(array $document): SpecSheet
    {
        $flaws = new Flaws();
        $cursor = Cursor::over($document);
        $sheet = SheetReader::at($cursor);
        $this->note($flaws, static fn () => $cursor->flaws->throwIfAny());
        $this->parts($document, $flaws);
        $this->models($sheet, $flaws);
        $this->base($sheet, $flaws);
        $flaws->throwIfAny();
        $this->schemas->validate(SheetDocument::text($document), Schemas::SPEC_SHEET);

        return $sheet;
    }

    /** @param \Closure(): void $check */
    private function note(Flaws $flaws, \Closure $check): void
    {
        try {
            $check();
        } catch (InvalidDocument $error) {
            foreach ($error->flaws as $flaw) {
                $flaws->add($flaw->pointer, $flaw->message);
            }
        }
    }

    /**
     * What may stand in a draft, but not go further: a value whose source nobody has given, a family that is a draft itself.
     *
     * @throws InvalidDocument
     */
    public function complete(SpecSheet $sheet): void
    {
        $flaws = new Flaws();
        foreach (array_filter($sheet->values(), static fn (SheetValue $value): bool => !$value->source->isKnown()) as $value) {
            $flaws->add('/values/'.$value->field->value, \sprintf('Nobody has given a source for the %s. Look it up and name its page, or take it out.', $value->field->label()));
        }
        $base = null === $sheet->base ? null : $this->families($sheet->base)[0] ?? null;
        if (null !== $base && !\in_array($base->status, [SheetStatus::Published, SheetStatus::Withdrawn], true)) {
            $flaws->add('/base', \sprintf('The family sheet %s is not published yet. Publish it first.', $base->name()));
        }
        $flaws->throwIfAny();
    }

    private function models(SpecSheet $sheet, Flaws $flaws): void
    {
        foreach (array_filter($sheet->head->models, static fn (string $code): bool => '' !== $code) as $index => $code) {
            $model = $this->book->model($code);
            if (null === $model) {
                $flaws->add("/appliesTo/models/$index", \sprintf('The book knows no model %s. Add the model first.', $code));
                continue;
            }
            foreach (array_filter($sheet->head->ranges, static fn (SerialRange $range): bool => '' !== $range->prefix && $range->from <= $range->to) as $place => $range) {
                if (!$this->fits($model, $range)) {
                    $flaws->add("/appliesTo/serials/$place", \sprintf('%s is no range of the %s, whose serial numbers are %s.', $range->text(), $code, $model->serialShape()));
                }
            }
        }
    }

    private function fits(EngineModel $model, SerialRange $range): bool
    {
        $last = $model->serial($range->prefix.str_pad((string) $range->to, $model->serialDigits, '0', \STR_PAD_LEFT));

        return $last instanceof SerialNumber && $last->number === $range->to;
    }

    /** @param array<mixed> $document */
    private function parts(array $document, Flaws $flaws): void
    {
        $named = PartNumbers::in($document);
        foreach ($this->catalogue->unknown(array_values(array_unique($named))) as $unknown) {
            foreach (array_keys($named, $unknown, true) as $pointer) {
                $flaws->add($pointer, \sprintf('%s is not in the parts catalogue. Add it there first, or correct the number.', $unknown));
            }
        }
    }

    private function base(SpecSheet $sheet, Flaws $flaws): void
    {
        if (null !== $sheet->base && [] === $this->families($sheet->base)) {
            $flaws->add('/base', \sprintf('%s is no family sheet of the book.', $sheet->base->name()));
        }
    }

    /** @return list<SheetHead> the family's revision, if the book has it */
    private function families(BaseSheet $base): array
    {
        $heads = array_map(static fn (RevisionLine $line): SheetHead => $line->head, $this->revisions->of($base->sheet));

        return array_values(array_filter(
            $heads,
            static fn (SheetHead $head): bool => $head->revision === $base->revision && $head->isFamily(),
        ));
    }
}
