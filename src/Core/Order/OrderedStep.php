<?php

declare(strict_types=1);

namespace FreshTack\Core\Order;

use FreshTack\Core\Fastening\Tightening;
use FreshTack\Core\Procedure\Figure;

/** One step as the technician sees it, every slot filled. */
final readonly class OrderedStep
{
    /**
     * @param string          $id    position, operation and step: the same request gives the same ids
     * @param string          $entry tick, oil_appearance, leaks, tell_tale, poured, level, first_level, torque, turns, count
     * @param string|null     $event `run` when the engine has run once this is done, `pour` when oil has gone in
     * @param list<array{piece: string, facing: string|null}> $stack pieces in the order in which they go on, if its table is one of these
     * @param string|null     $warning what the shop's habits would get wrong here
     * @param list<string>    $rows  lines of a table that belong to it
     * @param list<string>    $uses  paths of the sheet's values that it used
     */
    public function __construct(
        public string $id,
        public string $text,
        public ?Figure $figure,
        public ?string $beside,
        public ?string $check,
        public ?string $slip,
        public string $entry,
        public bool $must,
        public ?Tightening $tightening,
        public ?string $event,
        public array $uses,
        public array $rows = [],
        public ?string $warning = null,
        public array $stack = [],
    ) {
    }

    public function named(string $id): self
    {
        return new self($id, $this->text, $this->figure, $this->beside, $this->check, $this->slip, $this->entry, $this->must, $this->tightening, $this->event, $this->uses, $this->rows, $this->warning, $this->stack);
    }
}
