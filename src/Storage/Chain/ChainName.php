<?php

declare(strict_types=1);

namespace FreshTack\Storage\Chain;

use FreshTack\Shop\Audit\Subject;
use FreshTack\Storage\CorruptRecord;

/** Which chain: of one order, of the services of one engine, or of the trail of one subject. Never one for all. */
final readonly class ChainName
{
    /** As it stands beside the end of the chain. */
    public string $text;

    private function __construct(public ChainKind $kind, public string $key)
    {
        $this->text = $kind->value.' '.$key;
    }

    /** The frozen order, the entries at the bench, the record. */
    public static function ofOrder(int $number): self
    {
        return new self(ChainKind::Order, (string) $number);
    }

    /** What was done on it. */
    public static function ofEngine(int $id): self
    {
        return new self(ChainKind::Engine, (string) $id);
    }

    public static function ofTrail(Subject $subject): self
    {
        return new self(ChainKind::Trail, $subject->name());
    }

    public static function written(string $text): self
    {
        [$kind, $key] = [...explode(' ', $text, 2), ''];

        return new self(ChainKind::tryFrom($kind) ?? throw CorruptRecord::in('chain_head', $text, 'no such kind of chain'), $key);
    }
}
